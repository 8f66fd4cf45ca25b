<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Spread\Check\Internal\BoxedCurve;
use Admek\Core\Spread\Plan\Shared;
use Admek\Core\Spread\Run\RunningLine;

/** Which lines to clear when a rod has a fish: those its line sweeps across on the way in to the stern. */
final readonly class FishOn
{
    /** Places of the fish on its way from where it took to the stern. */
    private const PLACES = 16;

    /**
     * @param  list<RunningLine>  $lines
     * @return array<string, list<string>> holders to clear by the holder with the fish, the first to be crossed first
     */
    public static function clearing(array $lines, SpreadLimits $limits = new SpreadLimits): array
    {
        $curves = array_map(static fn (RunningLine $line): array => self::curves($line, $limits), $lines);
        $clearing = [];
        foreach ($lines as $i => $line) {
            $when = [];
            $way = self::way($line, $limits);
            $swept = [$line->planned->tip, $line->lure(), self::net($limits)];
            $near = array_map(static fn (array $other): array => array_map(
                static fn (BoxedCurve $curve): BoxedCurve => $curve->about(...$swept, within: $limits->fishWay), $other,
            ), $curves);
            foreach ($way as $place => $taut) {
                foreach ($lines as $j => $other) {
                    if (
                        $i !== $j
                        && ! isset($when[$other->planned->holder])
                        && self::crosses($taut, $near[$j], $line, $other, $limits)
                    ) {
                        $when[$other->planned->holder] = $place;
                    }
                }
            }
            $clearing[$line->planned->holder] = array_map(strval(...), array_keys($when));
        }

        return $clearing;
    }

    /**
     * The fish's line, taut from rod tip to fish, at places on its way: up from where it took, in and to the middle.
     *
     * @return list<BoxedCurve>
     */
    private static function way(RunningLine $line, SpreadLimits $limits): array
    {
        $from = $line->lure();
        $to = self::net($limits);
        $way = [];
        for ($i = 0; $i <= self::PLACES; $i++) {
            $share = $i / self::PLACES;
            $fish = [
                $from[0] + $share * ($to[0] - $from[0]),
                $from[1] + $share * ($to[1] - $from[1]),
                $from[2] + $share * ($to[2] - $from[2]),
            ];
            $way[] = BoxedCurve::of([$fish, $line->planned->tip]);
        }

        return $way;
    }

    /** @return array{float, float, float} where it is taken aboard */
    private static function net(SpreadLimits $limits): array
    {
        return [$limits->net, 0.0, 0.3];
    }

    /** @param  list<BoxedCurve>  $curves */
    private static function crosses(
        BoxedCurve $taut, array $curves, RunningLine $line, RunningLine $other, SpreadLimits $limits,
    ): bool {
        // The cable a stacked fish came off stays down: its own ball is lifted last.
        if (Shared::together($line->planned, $other->planned) && $line->planned->rig->cable() !== null) {
            $curves = array_slice($curves, -1);
        }
        foreach ($curves as $curve) {
            if ($taut->nearest($curve, $limits->fishWay) !== null) {
                return true;
            }
        }

        return false;
    }

    /**
     * What of a line lies clear of the rods, where the crew can lift one over another.
     *
     * @return list<BoxedCurve>
     */
    private static function curves(RunningLine $line, SpreadLimits $limits): array
    {
        $curves = [];
        foreach ([$line->path(), ...$line->branches()] as $path) {
            $away = array_values(array_filter($path, static fn (array $point): bool => $point[0] > $limits->net));
            if (count($away) > 1) {
                $curves[] = BoxedCurve::of($away);
            }
        }

        return $curves;
    }
}
