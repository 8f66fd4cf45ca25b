<?php

declare(strict_types=1);

namespace Admek\Core\Rules;

use Admek\Core\InvalidValue;

/** The rules of one subject as a boat has them: its own figures over the defaults. */
final readonly class RuleBook
{
    /**
     * @param  array<string, Rule>  $rules  by key
     * @param  array<string, ?float>  $own
     */
    private function __construct(public array $rules, public array $own)
    {
    }

    /**
     * @param  list<Rule>  $rules
     * @param  array<string, ?float>  $own  by key; what is not there keeps its default, null leaves an optional rule unjudged
     *
     * @throws InvalidValue naming the key
     */
    public static function of(array $rules, array $own = []): self
    {
        $byKey = array_combine(array_map(static fn (Rule $rule): string => $rule->key, $rules), $rules);
        foreach ($own as $key => $figure) {
            $rule = $byKey[$key] ?? throw InvalidValue::because($key, 'one of '.implode(', ', array_keys($byKey)));
            if ($figure === null && ! $rule->optional) {
                throw InvalidValue::because($key, 'a number');
            }
            if ($figure !== null) {
                InvalidValue::unlessBetween($key, $figure, $rule->least, $rule->most);
            }
        }

        return new self($byKey, $own);
    }

    public function find(string $key): ?float
    {
        return array_key_exists($key, $this->own) ? $this->own[$key] : $this->rules[$key]->default;
    }

    public function get(string $key): float
    {
        return $this->find($key) ?? throw new \LogicException("{$key} is not judged.");
    }

    public function isOwn(string $key): bool
    {
        return array_key_exists($key, $this->own) && $this->own[$key] !== $this->rules[$key]->default;
    }
}
