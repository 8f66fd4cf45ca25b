<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Water\ReadingRules;

/** What marks of a day say together: how many lie on bottom, where those off it hang, bunched or scattered. */
final readonly class Marks
{
    /** @param  list<Mark>  $marks */
    public function __construct(private array $marks)
    {
    }

    public function none(): bool
    {
        return $this->marks === [];
    }

    public function fish(): int
    {
        return array_sum(array_map(static fn (Mark $mark): int => $mark->count, $this->marks));
    }

    /**
     * Those of them at depths that suit.
     *
     * @param  callable(float): bool  $suits  a depth, m
     */
    public function at(callable $suits): self
    {
        return new self(array_values(array_filter($this->marks, static fn (Mark $mark): bool => $suits($mark->depth))));
    }

    /**
     * @param  ?float  $bottom  m; null where it is not known, then no mark is on it
     * @param  RuleBook  $rules  of {@see ReadingRules}
     */
    public function onBottom(?float $bottom, RuleBook $rules): self
    {
        return new self(
            array_values(array_filter($this->marks, static fn (Mark $mark): bool => self::isOn($mark, $bottom, $rules))),
        );
    }

    /** @param  RuleBook  $rules  of {@see ReadingRules} */
    public function lifted(?float $bottom, RuleBook $rules): self
    {
        return new self(
            array_values(array_filter($this->marks, static fn (Mark $mark): bool => ! self::isOn($mark, $bottom, $rules))),
        );
    }

    /** Whether most fish are in bunches. */
    public function tight(): bool
    {
        return 2 * (
            new self(array_values(array_filter($this->marks, static fn (Mark $mark): bool => $mark->tight)))
        )->fish() > $this->fish();
    }

    /**
     * The depths the middle four fifths of the fish hang at, so that one stray does not stretch them.
     *
     * @return ?array{top: float, bottom: float} m
     */
    public function spread(): ?array
    {
        if ($this->marks === []) {
            return null;
        }
        $marks = $this->marks;
        usort($marks, static fn (Mark $a, Mark $b): int => $a->depth <=> $b->depth);
        [$fish, $seen] = [$this->fish(), 0];
        $top = $bottom = null;
        foreach ($marks as $mark) {
            $seen += $mark->count;
            $top ??= $seen > 0.1 * $fish ? $mark->depth : null;
            $bottom ??= $seen >= 0.9 * $fish ? $mark->depth : null;
        }

        return ['top' => (float) $top, 'bottom' => (float) $bottom];
    }

    /**
     * Fish by depth.
     *
     * @param  float  $bin  m
     * @return list<array{top: float, fish: int}> from the shallowest bin with fish to the deepest, empty ones between them too
     */
    public function histogram(float $bin): array
    {
        $fish = [];
        foreach ($this->marks as $mark) {
            $at = (int) floor($mark->depth / $bin + 1e-9);
            $fish[$at] = ($fish[$at] ?? 0) + $mark->count;
        }
        if ($fish === []) {
            return [];
        }

        return array_map(
            static fn (int $at): array => ['top' => $at * $bin, 'fish' => $fish[$at] ?? 0],
            range(min(array_keys($fish)), max(array_keys($fish))),
        );
    }

    private static function isOn(Mark $mark, ?float $bottom, RuleBook $rules): bool
    {
        return $bottom !== null && $bottom - $mark->depth <= $rules->get('on_bottom') + 1e-9;
    }
}
