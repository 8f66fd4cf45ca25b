<?php

declare(strict_types=1);

namespace Tests\Core\Drills;

use Admek\Core\Drills\Answer;
use Admek\Core\Drills\Drill;
use Admek\Core\Drills\DrillKind;
use Admek\Core\Drills\Gear;
use Admek\Core\Fish\Species;
use Admek\Core\Manoeuvres\OutOfGear;
use Admek\Core\Manoeuvres\SpreadInTime;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DrillsTest extends TestCase
{
    private const SEEDS = 8;

    /** @return iterable<string, array{DrillKind}> */
    public static function kinds(): iterable
    {
        foreach (DrillKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_every_situation_has_a_right_answer_and_a_wrong_one_and_says_why(DrillKind $kind): void
    {
        $told = $right = [];
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            $drill = $kind->of($seed);
            self::assertNotSame([], $drill->best());
            self::assertLessThan(count($drill->answers), count($drill->best()), "{$kind->value} of {$seed}");
            $keys = array_map(static fn (Answer $one): string => $one->key, $drill->answers);
            self::assertSame($keys, array_values(array_unique($keys)));
            foreach (Units::cases() as $units) {
                foreach ($drill->answers as $answer) {
                    self::assertNotSame('', $answer->words->in($units));
                    self::assertNotSame('', $answer->why->in($units));
                }
            }
            $told[] = $drill->situation->in(Units::Us).implode(' ', self::keys($drill));
            $right[] = array_search($drill->best()[0]->key, $keys, true);
        }
        self::assertGreaterThan(1, count(array_unique($told)), 'none is learnt by heart');
        self::assertGreaterThan(1, count(array_unique($right)), 'nor where its right answer stands');
    }

    #[DataProvider('kinds')]
    public function test_a_seed_makes_the_same_situation(DrillKind $kind): void
    {
        [$one, $again] = [$kind->of(11), $kind->of(11)];
        self::assertSame($one->situation->in(Units::Us), $again->situation->in(Units::Us));
        self::assertEquals($one->answers, $again->answers);
    }

    public function test_the_four_species_and_every_way_of_running_a_line_come_up(): void
    {
        $species = $ways = [];
        foreach (DrillKind::cases() as $kind) {
            for ($seed = 1; $seed <= 8; $seed++) {
                $drill = $kind->of($seed);
                $species[$drill->species->value] = true;
                $said = $drill->situation->in(Units::Us);
                foreach ($drill->motion->lines ?? [] as $line) {
                    $said .= ' '.Gear::named($line);
                }
                foreach ($drill->answers as $answer) {
                    $said .= ' '.$answer->words->in(Units::Us);
                }
                $ways[] = $said;
            }
        }
        foreach ([Species::King, Species::Coho, Species::LakeTrout, Species::Walleye, Species::Muskie] as $one) {
            self::assertArrayHasKey($one->value, $species);
        }
        foreach ([
            'rigger', 'diver', 'board', 'core', 'wire', 'segment', 'weight', 'three-way', 'bouncer', 'dropper', 'flat',
        ] as $way) {
            self::assertStringContainsStringIgnoringCase($way, implode(' ', $ways), $way);
        }
    }

    public function test_what_is_cleared_first_is_what_the_deck_card_names_first(): void
    {
        $drill = DrillKind::FirstToClear->of(3);
        $motion = $drill->motion;
        self::assertNotNull($motion);
        $running = (new SpreadSolver)->all($motion->lines, $motion->conditions);
        $sinking = OutOfGear::sinking($running, $motion->conditions, $motion->bottom);
        self::assertNotNull($sinking[0]->soonest, 'it touches');
        self::assertSame([$sinking[0]->holder], self::keys($drill));
    }

    #[DataProvider('kinds')]
    public function test_what_is_seen_moves(DrillKind $kind): void
    {
        $motion = $kind->of(5)->motion;
        if ($motion === null) {
            self::assertContains($kind, [
                DrillKind::InsideBites, DrillKind::CurrentTurns, DrillKind::Ticks, DrillKind::Reach, DrillKind::FirstOut,
                DrillKind::ReadWater, DrillKind::AimAtMarks, DrillKind::FrontComes, DrillKind::GoesBack,
            ]);

            return;
        }
        $running = (new SpreadSolver)->all($motion->lines, $motion->conditions, withDoubt: false);
        $spread = SpreadInTime::of($running, $motion->conditions, $motion->course, [0.0, $motion->lasts]);
        self::assertNotSame([], $spread->frames);
        $holders = array_map(static fn (PlannedLine $line): string => $line->holder, $motion->lines);
        self::assertSame($holders, array_values(array_unique($holders)));
    }

    public function test_points_are_whole_at_once_half_at_the_last_second_and_none_after_it(): void
    {
        $drill = new Drill(DrillKind::Ticks, 1, Species::Walleye, Sentence::of('?'), [
            new Answer('best', Sentence::of('a'), 1.0, Sentence::of('b')),
            new Answer('near', Sentence::of('a'), 0.4, Sentence::of('b')),
            new Answer('wrong', Sentence::of('a'), 0.0, Sentence::of('b')),
        ], 20.0);
        self::assertSame(
            [10, 8, 5, 0, 4, 0, 0],
            [
                $drill->points('best', 0.0), $drill->points('best', 10.0), $drill->points('best', 20.0),
                $drill->points('best', 20.1),
                $drill->points('near', 0.0), $drill->points('wrong', 0.0), $drill->points('nothing', 0.0),
            ],
        );
        self::assertTrue($drill->isRight('best'));
        self::assertFalse($drill->isRight('near'));
    }

    /** @return list<string> */
    private static function keys(Drill $drill): array
    {
        return array_map(static fn (Answer $answer): string => $answer->key, $drill->best());
    }
}
