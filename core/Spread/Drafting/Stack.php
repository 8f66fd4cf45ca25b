<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

/**
 * Rods whose releases share a rigger's cable: the deepest depth among them is the ball's, the others hang above it.
 *
 * @phpstan-import-type HolderShape from DraftTask
 */
final class Stack
{
    /**
     * The depth each rod is set for, those of a cable shared out anew among the rods on it.
     *
     * @param  array<array-key, array{option: Option, depth: float, first: bool}>  $rods  by holder
     * @return array<array-key, float> m by holder
     */
    public static function depths(array $rods): array
    {
        $depths = array_map(static fn (array $rod): float => $rod['depth'], $rods);
        foreach ($rods as $host => $rod) {
            $cable = array_keys(array_filter($rods, static fn (array $other): bool => $other['option']->rides === (string) $host));
            if ($cable === []) {
                continue;
            }
            $shared = array_map(static fn (int|string $holder): float => $depths[$holder], [$host, ...$cable]);
            rsort($shared);
            $last = INF;
            foreach ([$host, ...$cable] as $i => $holder) {
                $last = $depths[$holder] = min($shared[$i], $last - Pattern::STACK_APART);
            }
        }

        return $depths;
    }

    /**
     * @param  list<HolderShape>  $holders
     * @param  array<array-key, array{option: Option, depth: float, first: bool}>  $rods
     * @return list<HolderShape> what rides a cable after what it rides
     */
    public static function hostsFirst(array $holders, array $rods): array
    {
        usort($holders, static fn (array $a, array $b): int => (int) isset($rods[$a['code']]['option']->rides) <=> (int) isset($rods[$b['code']]['option']->rides));

        return $holders;
    }

    /**
     * Whether a rod rides a cable, or another rides its.
     *
     * @param  array<array-key, array<string, mixed>>  $lines  descriptions by holder
     */
    public static function shared(string $holder, array $lines): bool
    {
        return isset($lines[$holder]['rides_on']) || in_array($holder, array_column($lines, 'rides_on'), true);
    }
}
