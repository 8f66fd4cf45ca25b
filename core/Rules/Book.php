<?php

declare(strict_types=1);

namespace Admek\Core\Rules;

use Admek\Core\InvalidValue;
use Admek\Core\Trip\Chores;
use Admek\Core\Trip\GoLimits;
use Admek\Core\Trip\Stores;

/** Subjects a boat judges by rules of its own. */
enum Book: string
{
    case Go = 'go';
    case Chores = 'chores';
    case Stores = 'stores';

    /** @return list<Rule> */
    public function rules(): array
    {
        return match ($this) {
            self::Go => GoLimits::rules(),
            self::Chores => Chores::rules(),
            self::Stores => Stores::rules(),
        };
    }

    /**
     * @param  array<string, ?float>  $own  by key
     *
     * @throws InvalidValue naming the key
     */
    public function of(array $own = []): RuleBook
    {
        return RuleBook::of($this->rules(), $own);
    }
}
