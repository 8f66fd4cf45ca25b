<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Tackle\Rigs\BottomRig;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Towing\TowSolution;

/** Where a line and all that hangs on it is, as the views draw it: metres in the towing frame, newtons. */
final class LineDrawn
{
    /**
     * @param  int  $points  its curves have at most
     * @param  ?float  $lies  m deep on the ground, where it would run deeper
     * @return array<string, mixed>
     */
    public static function of(RunningLine $running, int $points, ?float $lies = null): array
    {
        $drawn = self::free($running, $points);

        return $lies === null ? $drawn : self::lying($drawn, $lies);
    }

    /**
     * @param  array<string, mixed>  $drawn
     * @return array<string, mixed>
     */
    private static function lying(array $drawn, float $lies): array
    {
        $ground = self::round($lies);
        $held = static fn (array $place): array => [$place[0], $place[1], min($place[2], $ground)];
        $curve = static fn (array $curve): array => array_map($held, $curve);
        $ball = $drawn['ball'];

        return [
            'depth' => $ground, 'path' => $curve($drawn['path']), 'branches' => array_map($curve, $drawn['branches']),
            'weight' => $drawn['weight'] === null ? null : $held($drawn['weight']),
            'diver' => $drawn['diver'] === null ? null : $held($drawn['diver']),
            'ball' => $ball === null ? null : ['place' => $held($ball['place'])] + $ball,
        ] + $drawn;
    }

    /** @return array<string, mixed> */
    private static function free(RunningLine $running, int $points): array
    {
        $solution = $running->solution;
        $ball = $solution->bodies[Downrigger::BALL] ?? null;
        [$aft, $starboard, $depth] = $running->lure();

        return [
            'holder' => $running->planned->holder,
            'depth' => self::round($depth),
            'aft' => self::round($aft),
            'starboard' => self::round($starboard),
            'tension' => self::round($solution->towTension),
            'ball' => $ball === null ? null : [
                'place' => self::point($ball),
                'blow_back' => self::round(($running->planned->rig->cable()->reading ?? 0.0) - $ball[2]),
            ],
            'diver' => self::body($solution, DiverPlate::BODY),
            'board' => $solution->board === null ? null : [
                'place' => self::point($solution->board),
                'load' => self::round($solution->boardLoadDown ?? 0.0),
                'pulled_under' => $solution->boardPulledUnder,
            ],
            'weight' => self::body($solution, BottomRig::WEIGHT),
            'path' => self::curve($running->path(), $points),
            'branches' => array_map(static fn (array $branch): array => self::curve($branch, $points), $running->branches()),
            'front' => self::straight($running->frontLine()),
            'mast_line' => self::straight($running->mastLine()),
        ];
    }

    /** @return ?list<float> */
    private static function body(TowSolution $solution, string $name): ?array
    {
        return isset($solution->bodies[$name]) ? self::point($solution->bodies[$name]) : null;
    }

    /**
     * @param  ?array{array{float, float, float}, array{float, float, float}}  $ends
     * @return ?list<list<float>>
     */
    private static function straight(?array $ends): ?array
    {
        return $ends === null ? null : array_map(self::point(...), $ends);
    }

    /**
     * @param  list<array{float, float, float}>  $path
     * @return list<list<float>>
     */
    private static function curve(array $path, int $points): array
    {
        return array_map(self::point(...), TowSolution::thinned($path, $points));
    }

    /**
     * @param  array{float, float, float}  $place
     * @return list<float>
     */
    private static function point(array $place): array
    {
        return array_map(self::round(...), $place);
    }

    /** To the millimetre: far finer than the model, and kind to the wire. */
    public static function round(float $metres): float
    {
        return round($metres, 3);
    }
}
