<?php

declare(strict_types=1);

namespace Tests\Core\Patterns;

use Admek\Core\Books\Book;
use Admek\Core\Patterns\Bands;
use Admek\Core\Patterns\Factor;
use Admek\Core\Patterns\Fished;
use Admek\Core\Patterns\FishedDay;
use Admek\Core\Patterns\Rate;
use Admek\Core\Patterns\Tomorrow;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;

/** @phpstan-import-type PieceTold from FishedDay */
final class FishedTest extends TestCase
{
    public function test_the_nearest_water_is_asked_and_widened_while_too_little_bit_there(): void
    {
        $enough = Tomorrow::ENOUGH;
        $here = ['ground' => 'Here', 'clarity' => 'clear'];
        $murky = ['ground' => 'Here', 'clarity' => 'murky'];
        $far = ['ground' => 'Far'];
        $season = self::season([self::piece(1, $enough, $here), self::piece(2, 2, $murky), self::piece(3, 40, $far)]);

        self::assertSame('Here in clear water', $season->near('Here', 'clear')[0]);
        self::assertSame('Here', $season->near('Here', 'murky')[0], 'two bites are too little');
        self::assertSame('Here', $season->near('Here', null)[0]);
        self::assertSame('all trips like it', $season->near('Nowhere', 'clear')[0]);
        self::assertSame('all trips like it', $season->near('', 'clear')[0]);
        self::assertSame([$enough, $enough + 2, $enough + 42], array_map(
            static fn (array $asked): int => $season->near(...$asked)[1]->bites,
            [['Here', 'clear'], ['Here', 'murky'], ['', null]],
        ));
        self::assertSame('all trips like it', $season->without(1)->near('Here', 'clear')[0], 'not by the trip itself');
    }

    public function test_other_trips_and_other_fish_say_nothing(): void
    {
        $season = self::season([
            self::piece(1, 20, ['ground' => 'Here'], species: 'walleye'),
            self::piece(2, 30, ['ground' => 'Here'], species: 'king'),
        ]);
        [$of, $patterns] = $season->on([1], ['walleye'])->near('Here', null);
        self::assertSame(['Here', 20, 1.0], [$of, $patterns->bites, $patterns->hours]);
        self::assertSame(0, $season->on([2], ['walleye'])->near('Here', null)[1]->bites, 'fished for others there');
        self::assertSame(0.0, $season->on([], ['walleye'])->near('', null)[1]->hours);
    }

    public function test_a_cell_is_of_a_depth_and_an_hour(): void
    {
        $deep = static fn (float $feet): array => [Factor::Depth->value => $feet * Units::FOOT];
        $cells = self::season([
            self::piece(1, 2, $deep(52.0), 6.2), self::piece(1, 1, $deep(58.0), 6.9), self::piece(2, 0, $deep(58.0), 7.1),
            self::piece(2, 5, [], 7.1),
        ])->cells();
        self::assertSame(
            [[6, 2.0, 3], [7, 1.0, 0]],
            array_map(static fn (array $one): array => [$one['hour'], $one['hours'], $one['bites']], $cells),
            'what ran at no known depth is of none',
        );
        self::assertSame($cells[0]['depth'], $cells[1]['depth']);
    }

    public function test_only_bites_of_a_species_are_counted_and_all_the_hours(): void
    {
        $season = self::season([self::piece(1, 3, [], species: 'king'), self::piece(2, 2, [], species: 'coho')]);
        foreach (['king' => 3, 'coho' => 2, 'walleye' => 0] as $species => $bites) {
            $patterns = $season->biting($species)->patterns();
            self::assertSame([2.0, $bites], [$patterns->hours, $patterns->bites]);
        }
        self::assertSame(5, $season->biting(null)->patterns()->bites);
    }

    public function test_days_stand_the_latest_first_from_their_first_hour_to_their_last(): void
    {
        $days = self::season([self::piece(1, 0, [], 6.0), self::piece(1, 2, [], 8.0), self::piece(2, 0, [], 5.5)])->byDay();
        self::assertSame([2, 1], array_column($days, 'trip'));
        self::assertEqualsWithDelta([5.5, 8.5, 2.0], [$days[1]['from'], $days[1]['until'], $days[1]['hours']], 1e-9);
        self::assertEqualsWithDelta([7.75, 7.75], $days[1]['bites'], 1e-9, 'a quarter of an hour after its piece began');
    }

    public function test_a_day_comes_back_as_it_was_told_and_a_season_is_the_sum_of_its_days(): void
    {
        $told = ['lure' => "a\tb", 'depth' => 16.0, 'ground' => 'Here'];
        $pieces = [self::piece(1, 2, $told), self::piece(1, 1, ['lure' => 'c'], 7.6), self::piece(2, 0, $told)];
        $season = self::season($pieces);
        $again = new Fished(array_map(static fn (FishedDay $day): FishedDay => FishedDay::told(
            json_decode((string) json_encode($day->told), true),
        ), $season->days), $season->bands);
        foreach ([$season, $again] as $one) {
            $lures = array_column($one->patterns()->factors['lure'], null, 'level');
            self::assertSame(
                [['a b', 2.0, 2], ['c', 1.0, 1]],
                array_values(array_map(static fn (Rate $rate): array => [$rate->level, $rate->hours, $rate->bites], $lures)),
            );
            self::assertSame([['Here'], ['king']], [$one->words(Factor::Ground), $one->species()]);
            self::assertSame(
                [[7.0, 2.0, 2], [7.5, 1.0, 1]],
                array_map(
                    static fn (array $bin): array => [$bin['from'], $bin['hours'], $bin['bites']], $one->windows()['clock']->bins,
                ),
            );
        }
    }

    /** @param  list<array{int, PieceTold}>  $pieces  with the trip each is of */
    private static function season(array $pieces): Fished
    {
        $bands = new Bands(Book::Patterns->of());
        $days = [];
        foreach ($pieces as [$trip, $piece]) {
            $days[$trip][] = $piece;
        }

        return new Fished(array_map(
            static fn (array $day, int $trip): FishedDay => FishedDay::of($trip, $day, $bands), $days, array_keys($days),
        ), $bands);
    }

    /**
     * An hour of one line.
     *
     * @param  array<string, string|float>  $told
     * @return array{int, PieceTold}
     */
    private static function piece(int $trip, int $bites, array $told, float $clock = 7.0, string $species = 'king'): array
    {
        return [$trip, [
            'hours' => 1.0, 'bites' => array_fill(0, $bites, ['species' => $species, 'at' => 900.0]), 'from' => 0.0,
            'clock' => $clock, 'sun' => null, 'told' => $told,
        ]];
    }
}
