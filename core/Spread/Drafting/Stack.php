<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;

/** Rods whose releases share a rigger's cable: the deepest depth among them is the ball's, the others hang above it. */
final class Stack
{
    /**
     * The depth each rod is set for, those of a cable shared out anew among the rods on it.
     *
     * @param  array<array-key, array{option: Option, depth: float, first: bool}>  $rods  by holder
     * @param  float  $apart  m from one release to the next
     * @return array<array-key, float> m by holder
     */
    public static function depths(array $rods, float $apart): array
    {
        $depths = array_map(static fn (array $rod): float => $rod['depth'], $rods);
        foreach ($rods as $host => $rod) {
            $cable = array_keys(
                array_filter($rods, static fn (array $other): bool => $other['option']->rides === (string) $host),
            );
            if ($cable === []) {
                continue;
            }
            $shared = array_map(static fn (int|string $holder): float => $depths[$holder], [$host, ...$cable]);
            rsort($shared);
            $last = INF;
            foreach ([$host, ...$cable] as $i => $holder) {
                $last = $depths[$holder] = min($shared[$i], $last - $apart);
            }
        }

        return $depths;
    }

    /**
     * @param  list<DescribedHolder>  $holders
     * @param  array<array-key, array{option: Option, depth: float, first: bool}>  $rods
     * @return list<DescribedHolder> what rides a cable after what it rides
     */
    public static function hostsFirst(array $holders, array $rods): array
    {
        usort(
            $holders,
            static fn (DescribedHolder $a, DescribedHolder $b): int => (int) isset(
                $rods[$a->code]['option']->rides,
            ) <=> (int) isset($rods[$b->code]['option']->rides),
        );

        return $holders;
    }

    /**
     * Whether a rod rides a cable, or another rides its.
     *
     * @param  array<array-key, DescribedLine>  $lines  by holder
     */
    public static function shared(string $holder, array $lines): bool
    {
        return ($lines[$holder] ?? null)?->ridesOn !== null
            || array_filter($lines, static fn (DescribedLine $line): bool => $line->ridesOn === $holder) !== [];
    }
}
