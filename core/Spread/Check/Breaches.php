<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Spread\Run\RunningLine;

/** Everything to look at in a spread as it runs, the gravest first. */
final class Breaches
{
    /**
     * @param  list<RunningLine>  $lines
     * @param  array<string, string>  $finishes  of the lures by holder
     * @return list<Breach>
     */
    public static function of(array $lines, SpreadLimits $limits, array $finishes = []): array
    {
        return [
            ...self::lineCount($lines, $limits),
            ...Tangles::among($lines, $limits->tangle, $limits->nearRods),
            ...BottomBreaches::of($lines, $limits),
            ...BoardBreaches::of($lines, $limits),
            ...self::surfaced($lines),
            ...self::bands($lines, $limits),
            ...self::duplicates($finishes),
        ];
    }

    /**
     * Those of them that could cost gear.
     *
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    public static function grave(array $lines, SpreadLimits $limits): array
    {
        return array_values(
            array_filter(self::of($lines, $limits), static fn (Breach $breach): bool => $breach->kind->isGrave()),
        );
    }

    /**
     * Whether a tangle or a touch of bottom stands after a change: told from its own lines, before all the others are
     * looked at. What depends on the rest of the spread is not told so, and never stands here.
     *
     * @param  list<RunningLine>  $lines
     */
    public static function surelyStands(Breach $breach, array $lines, SpreadLimits $limits): bool
    {
        $concerned = array_values(
            array_filter($lines, static fn (RunningLine $line): bool => in_array($line->planned->holder, $breach->holders, true)),
        );
        $left = match ($breach->kind) {
            BreachKind::Tangle => Tangles::among($concerned, $limits->tangle, $limits->nearRods),
            BreachKind::Bottom => BottomBreaches::of($concerned, $limits),
            default => [],
        };

        return in_array($breach->name(), array_map(static fn (Breach $one): string => $one->name(), $left), true);
    }

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function lineCount(array $lines, SpreadLimits $limits): array
    {
        return $limits->lines !== null && count($lines) > $limits->lines
            ? [new Breach(BreachKind::LineCount, [], (float) count($lines), (float) $limits->lines)]
            : [];
    }

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function surfaced(array $lines): array
    {
        $breaches = [];
        foreach ($lines as $line) {
            if ($line->solution->surfaced !== []) {
                $breaches[] = new Breach(
                    BreachKind::Surfaced, [$line->planned->holder], place: $line->lure(), subject: $line->solution->surfaced[0],
                );
            }
        }

        return $breaches;
    }

    /**
     * Long bare stretches of a band; and where there are any, the lures that stand so close in depth that one could go there.
     *
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function bands(array $lines, SpreadLimits $limits): array
    {
        $depths = array_map(static fn (RunningLine $line): float => $line->depth(), $lines);
        $breaches = [];
        foreach ($limits->bands as $species => [$top, $bottom]) {
            $bare = [];
            foreach (Coverage::of($top, $bottom, $depths, $limits->reach)->stretches as $stretch) {
                $height = $stretch['bottom'] - $stretch['top'];
                if ($stretch['lures'] === 0 && $height >= $limits->bare) {
                    $bare[] = new Breach(
                        BreachKind::Bare, [], $height, null, [0.0, 0.0, 0.5 * ($stretch['top'] + $stretch['bottom'])], $species,
                    );
                }
            }
            if ($bare !== []) {
                array_push($breaches, ...$bare, ...self::doubled($lines, $top, $bottom, $species, $limits));
            }
        }

        return $breaches;
    }

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Breach>
     */
    private static function doubled(array $lines, float $top, float $bottom, string $species, SpreadLimits $limits): array
    {
        $within = array_values(
            array_filter($lines, static fn (RunningLine $line): bool => $line->depth() >= $top && $line->depth() <= $bottom),
        );
        usort($within, static fn (RunningLine $a, RunningLine $b): int => $a->depth() <=> $b->depth());
        $breaches = [];
        for ($i = 1, $n = count($within); $i < $n; $i++) {
            $apart = $within[$i]->depth() - $within[$i - 1]->depth();
            if ($apart < $limits->doubled) {
                $breaches[] = new Breach(
                    BreachKind::Doubled,
                    [$within[$i - 1]->planned->holder, $within[$i]->planned->holder],
                    $apart,
                    $limits->doubled,
                    $within[$i]->lure(),
                    $species,
                );
            }
        }

        return $breaches;
    }

    /**
     * @param  array<string, string>  $finishes
     * @return list<Breach>
     */
    private static function duplicates(array $finishes): array
    {
        $breaches = [];
        foreach (array_count_values($finishes) as $finish => $count) {
            if ($count > 1) {
                $breaches[] = new Breach(BreachKind::Duplicate, array_keys($finishes, $finish, true), subject: (string) $finish);
            }
        }

        return $breaches;
    }
}
