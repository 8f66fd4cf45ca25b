<?php

declare(strict_types=1);

namespace Tests\Core\Spread\Support;

use Admek\Core\Files\LineFile;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\DescribedBall;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\GearAboard;
use LogicException;

/** Lines described as a captain would rig them, for tests to alter. */
final class Lines
{
    public const FOOT = 0.3048;

    public const MPH = 0.44704;

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    public static function line(string $code, string $presentation, array $change = []): array
    {
        $side = match ($code[0]) {
            'P' => 'port',
            'S' => 'starboard',
            default => 'centre',
        };
        $at = ['port' => -1.0, 'centre' => 0.0, 'starboard' => 1.0][$side];
        $place = (float) substr($code, 1);

        return $change + [
            'holder' => [
                'code' => $code, 'side' => $side, 'kind' => $presentation === 'rigger' ? 'boom' : 'rod',
                'aft' => 0.8 * ($place - 5), 'starboard' => $at * (2.6 - 0.2 * $place),
                'height' => $presentation === 'rigger' ? 1.0 : 3.2 - 0.4 * $place,
            ],
            'presentation' => $presentation,
            'reel' => self::reel($presentation),
            'lure' => [
                'name' => "Lure of {$code}",
                'kind' => in_array($presentation, ['wash', 'down_rod'], true) ? 'bucktail' : 'medium_spoon',
                'finish' => "finish of {$code}",
            ],
            'leader_length' => 1.8, 'leader_test' => 25, 'leader_material' => 'fluorocarbon',
        ] + self::figures($presentation);
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  array{float, float, float}  $mast
     */
    public static function plan(array $lines, array $mast = [0.0, 0.0, -3.0]): SpreadPlan
    {
        return SpreadPlan::of(array_map(self::described(...), $lines), $mast);
    }

    /** @param  array<string, mixed>  $line  whose gear need not be named */
    public static function described(array $line): DescribedLine
    {
        foreach (['reel', 'lure', 'ball', 'diver', 'board'] as $part) {
            if (is_array($line[$part] ?? null)) {
                $line[$part] += ['name' => $part];
            }
        }

        return LineFile::read($line);
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  array{float, float, float}  $mast
     * @return list<PlannedLine>
     */
    public static function planned(array $lines, array $mast = [0.0, 0.0, -3.0]): array
    {
        return self::plan($lines, $mast)->lines;
    }

    /**
     * Holders as a file tells them.
     *
     * @param  list<array<string, mixed>>  $holders
     * @return list<DescribedHolder>
     */
    public static function holders(array $holders): array
    {
        return array_map(
            static fn (array $holder): DescribedHolder => LineFile::read(
                ['holder' => $holder] + self::line('P1', 'flat'),
            )->holder,
            $holders,
        );
    }

    /**
     * Gear as a file tells it, by the part of a line it is.
     *
     * @param  array<string, list<array<string, mixed>>>  $gear
     */
    public static function gear(array $gear): GearAboard
    {
        $reels = $lures = $balls = $divers = $boards = [];
        foreach ($gear as $part => $list) {
            foreach ($list as $one) {
                // As many as any rod asks for, where it is not told how many.
                $count = ['count' => $one['count'] ?? 16];
                $line = LineFile::read([$part => array_diff_key($one, $count)] + self::line('P1', 'flat'));
                match ($part) {
                    'reel' => $reels[] = new DescribedReel(...$count + get_object_vars($line->reel)),
                    'lure' => $lures[] = $line->lure,
                    'ball' => $balls[] = new DescribedBall(...$count + get_object_vars($line->ball ?? throw new LogicException)),
                    'diver' => $divers[] = new DescribedDiver(
                        ...$count + get_object_vars($line->diver ?? throw new LogicException),
                    ),
                    'board' => $boards[] = new DescribedBoard(
                        ...$count + get_object_vars($line->board ?? throw new LogicException),
                    ),
                    default => throw new LogicException("There is no gear called {$part}."),
                };
            }
        }

        return new GearAboard(
            $reels,
            $lures,
            $balls,
            $divers,
            $boards,
        );
    }

    /** @return array<string, mixed> */
    private static function reel(string $presentation): array
    {
        return match ($presentation) {
            'core', 'segment' => [
                'name' => 'core',
                'material' => 'leadcore',
                'test' => 27,
                'colours' => 8,
                'backing_material' => 'braid',
                'backing_test' => 30,
            ],
            'wire' => ['name' => 'copper', 'material' => 'copper', 'test' => 32, 'wire_length' => 90.0],
            default => ['name' => 'braid', 'material' => 'braid', 'test' => 30],
        };
    }

    /** @return array<string, mixed> */
    private static function figures(string $presentation): array
    {
        return match ($presentation) {
            'rigger' => ['let_out' => 25.0, 'lead' => 6.0, 'ball' => ['name' => 'ball', 'mass' => 5.443]],
            'stacker' => ['rides_on' => 'P5', 'above' => 5.0, 'lead' => 5.0],
            'diver' => ['let_out' => 40.0, 'dial' => 2.0, 'diver' => ['name' => 'plate', 'size' => 'large', 'ringed' => false]],
            'core' => ['colours' => 5.0, 'backing' => 0.0],
            'segment' => ['colours' => 3.0, 'lead' => 9.0, 'let_out' => 20.0],
            'wire' => ['let_out' => 60.0, 'backing' => 0.0],
            'clip' => ['let_out' => 20.0, 'lead' => 9.0, 'weight_mass' => 0.0567],
            'bouncer' => ['let_out' => 14.0, 'weight_mass' => 0.0567, 'leader_length' => 1.5],
            'dropper' => ['let_out' => 12.0, 'weight_mass' => 0.0851, 'dropper_length' => 0.45],
            'wash' => ['let_out' => 6.0, 'tip_height' => 0.3],
            'down_rod' => ['let_out' => 3.0, 'tip_height' => 0.0],
            'flat' => ['let_out' => 30.0],
            default => Presentation::from($presentation)->entry()->starts,
        };
    }
}
