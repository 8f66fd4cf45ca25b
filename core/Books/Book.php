<?php

declare(strict_types=1);

namespace Admek\Core\Books;

use Admek\Core\Day\Changes\ChangeRules;
use Admek\Core\Day\DayRules;
use Admek\Core\Fish\FishCare;
use Admek\Core\Fish\Habits;
use Admek\Core\Ground\PassRules;
use Admek\Core\Instruments\KeepingRules;
use Admek\Core\InvalidValue;
use Admek\Core\Manoeuvres\ManoeuvreRules;
use Admek\Core\Patterns\PatternRules;
use Admek\Core\Rules\Rule;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\RiggingRules;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Trip\ChoreRules;
use Admek\Core\Trip\GoLimits;
use Admek\Core\Trip\Stores;
use Admek\Core\Water\ReadingRules;

/** Subjects a boat judges by rules of its own. */
enum Book: string
{
    case Go = 'go';
    case Chores = 'chores';
    case Stores = 'stores';
    case Habits = 'habits';
    case Reading = 'reading';
    case Care = 'care';
    case Thumb = 'thumb';
    case Rigging = 'rigging';
    case Spread = 'spread';
    case Pass = 'pass';
    case Day = 'day';
    case Changes = 'changes';
    case Patterns = 'patterns';
    case Manoeuvres = 'manoeuvres';
    case Keeping = 'keeping';

    /** What it is opened as. */
    public function title(): string
    {
        return match ($this) {
            self::Go => 'Your limits',
            self::Chores => 'How long things take',
            self::Stores => 'How stores are reckoned',
            self::Habits => 'What each species likes',
            self::Reading => 'How the water is read',
            self::Care => 'When fish are not released well',
            self::Thumb => 'Rules of thumb',
            self::Rigging => 'How lines are begun',
            self::Spread => 'What is worth a look',
            self::Pass => 'How a pass is judged',
            self::Day => 'How lines are looked after',
            self::Changes => 'When something is changed',
            self::Patterns => 'How the record is counted',
            self::Manoeuvres => 'How she handles',
            self::Keeping => 'How tracks are kept',
        };
    }

    /** @return list<Rule> */
    public function rules(): array
    {
        return match ($this) {
            self::Go => GoLimits::rules(),
            self::Chores => ChoreRules::rules(),
            self::Stores => Stores::rules(),
            self::Habits => Habits::rules(),
            self::Reading => ReadingRules::rules(),
            self::Care => FishCare::rules(),
            self::Thumb => RulesOfThumb::rules(),
            self::Rigging => RiggingRules::rules(),
            self::Spread => SpreadLimits::rules(),
            self::Pass => PassRules::rules(),
            self::Day => DayRules::rules(),
            self::Changes => ChangeRules::rules(),
            self::Patterns => PatternRules::rules(),
            self::Manoeuvres => ManoeuvreRules::rules(),
            self::Keeping => KeepingRules::rules(),
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
