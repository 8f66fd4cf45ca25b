<?php

declare(strict_types=1);

namespace Tests\Core\Trip;

use Admek\Core\Books\Book;
use Admek\Core\Trip\BaitCure;
use Admek\Core\Trip\Chores;
use Admek\Core\Trip\ForecastHour;
use Admek\Core\Trip\GoNoGo;
use Admek\Core\Trip\LineLimit;
use Admek\Core\Trip\Stores;
use Admek\Core\Trip\TripClock;
use Admek\Core\Trip\TripNeeds;
use Admek\Core\Trip\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must hold of any trip, over a few hundred made up from a fixed seed. */
final class TripPropertiesTest extends TestCase
{
    private const TRIPS = 300;

    private Randomizer $chance;

    protected function setUp(): void
    {
        $this->chance = new Randomizer(new Mt19937(815));
    }

    public function test_every_trip_s_chores_come_in_the_order_they_need_one_another(): void
    {
        for ($i = 0; $i < self::TRIPS; $i++) {
            [$clock, $needs] = [$this->clock(), $this->needs()];
            $at = [];
            foreach (Chores::for($needs, $clock, Book::Chores->of()) as $chore) {
                self::assertArrayNotHasKey($chore->key, $at);
                self::assertGreaterThan(0, $chore->minutes);
                self::assertLessThanOrEqual($clock->linesIn, $chore->at, 'nothing is left for after lines are in');
                $at[$chore->key] = $chore->at;
            }
            foreach ([
                ['thaw', 'cure'],
                ['cure', 'cut'],
                ['cut', 'briefing'],
                ['float_plan', 'radio_check'],
                ['radio_check', 'dock_lines'],
                ['briefing', 'dock_lines'],
                ['forecast_evening', 'forecast_morning'],
                ['stores', 'dock_lines'],
                ['leaders', 'dock_lines'],
            ] as [$first, $then]) {
                if (isset($at[$first], $at[$then])) {
                    self::assertLessThan($at[$then], $at[$first], "{$first} before {$then}, trip {$i}");
                }
            }
            self::assertSame($clock->castOff, $at['dock_lines']);
        }
    }

    public function test_what_can_be_done_by_day_is_not_put_in_the_night(): void
    {
        for ($i = 0; $i < self::TRIPS; $i++) {
            foreach (Chores::for($this->needs(), $this->clock(), Book::Chores->of()) as $chore) {
                if (in_array($chore->key, ['charge', 'forecast_evening', 'stores', 'fuel', 'leaders', 'reels'], true)) {
                    $clock = (($chore->at % 1440) + 1440) % 1440;
                    self::assertTrue($clock >= 4 * 60 && $clock <= 20 * 60, "{$chore->key} at ".TripClock::clock($chore->at));
                }
            }
        }
    }

    public function test_a_worse_forecast_is_never_a_better_verdict(): void
    {
        for ($i = 0; $i < self::TRIPS; $i++) {
            [$clock, $forecast] = [$this->clock(), $this->forecast()];
            $before = $this->verdict($forecast, $clock);
            $at = $this->chance->getInt(0, count($forecast) - 1);
            $worse = $forecast;
            $hour = get_object_vars($worse[$at]);
            match ($this->chance->getInt(0, 5)) {
                0 => $hour['wind'] = ($hour['wind'] ?? 0.0) + 5.0,
                1 => $hour['gust'] = ($hour['gust'] ?? 0.0) + 8.0,
                2 => $hour['wave'] = ($hour['wave'] ?? 0.0) + 1.0,
                3 => $hour['visibility'] = 0.3 * ($hour['visibility'] ?? 9000.0),
                4 => $hour['lightning'] = true,
                default => $hour['front'] = true,
            };
            $worse[$at] = new ForecastHour(...$hour);
            $after = $this->verdict(array_values($worse), $clock);
            // To know something bad is worse than not to know, and to know something harmless better.
            if ($before->verdict !== Verdict::Unknown) {
                self::assertGreaterThanOrEqual($before->verdict->weight(), $after->verdict->weight(), "trip {$i}");
            }
        }
    }

    public function test_what_is_taken_out_of_a_forecast_never_makes_it_fitter(): void
    {
        for ($i = 0; $i < self::TRIPS; $i++) {
            [$clock, $forecast] = [$this->clock(), $this->forecast(whole: true)];
            $before = $this->verdict($forecast, $clock);
            $at = $this->chance->getInt(0, count($forecast) - 1);
            $field = ['wind', 'gust', 'wave', 'visibility', 'lightning', 'front'][$this->chance->getInt(0, 5)];
            $less = $forecast;
            $less[$at] = new ForecastHour(...[$field => null] + get_object_vars($less[$at]));
            $after = $this->verdict(array_values($less), $clock);
            self::assertTrue(
                $after->verdict->weight() >= min($before->verdict->weight(), Verdict::Unknown->weight()),
                "trip {$i}: {$before->verdict->value} to {$after->verdict->value}",
            );
        }
    }

    public function test_the_verdict_is_that_of_the_worst_finding_and_every_hour_of_the_trip_is_judged(): void
    {
        for ($i = 0; $i < self::TRIPS; $i++) {
            [$clock, $forecast] = [$this->clock(), $this->forecast()];
            $go = $this->verdict($forecast, $clock);
            $worst = Verdict::Go;
            foreach ($go->hours as $j => $hour) {
                self::assertGreaterThanOrEqual($clock->castOff, $hour['at']);
                self::assertLessThan($clock->backBy, $hour['at']);
                self::assertTrue($j === 0 || $hour['at'] > $go->hours[$j - 1]['at']);
                $worst = $worst->worse($hour['verdict']);
            }
            foreach ($go->whole as $finding) {
                $worst = $worst->worse($finding->verdict);
            }
            self::assertSame($worst, $go->verdict);
            self::assertSame($go->verdict === Verdict::Go, $go->worst === []);
            self::assertSame($go->verdict, $go->worst === [] ? Verdict::Go : $go->worst[0]->verdict);
        }
    }

    public function test_stores_grow_with_rods_and_hours_and_what_is_aboard_is_not_bought(): void
    {
        $rules = Book::Stores->of();
        for ($i = 0; $i < self::TRIPS; $i++) {
            $needs = $this->needs();
            $hours = $this->chance->getInt(1, 12);
            $more = new TripNeeds(
                $needs->guests + 1,
                $needs->cutBaitRods + ($needs->cutBaitRods > 0 ? 1 : 0),
                $needs->liveBaitRods + ($needs->liveBaitRods > 0 ? 1 : 0),
                $needs->lines,
                $needs->riggers,
                $needs->leaders,
                $needs->cure,
                $needs->strips,
            );
            $larger = [];
            foreach (Stores::for($more, $hours + 1, $rules) as $item) {
                $larger[$item->key] = $item->needed;
            }
            foreach (Stores::for($needs, $hours, $rules) as $item) {
                self::assertGreaterThanOrEqual($item->needed, $larger[$item->key], $item->key);
                $aboard = $this->chance->getInt(0, 80);
                $counted = array_values(
                    array_filter(
                        Stores::for($needs, $hours, $rules, [$item->key => (float) $aboard]),
                        static fn ($one): bool => $one->key === $item->key,
                    ),
                )[0];
                self::assertEqualsWithDelta(
                    $item->key === 'strips' ? 0.0 : max(0.0, $item->needed - $aboard), $counted->toBuy(), 1e-9,
                );
            }
        }
    }

    #[DataProvider('limits')]
    public function test_lines_allowed_are_what_was_entered_all_of_it_counted(
        int $anglers, int $crew, bool $fish, ?int $each, ?int $most, ?int $allowed,
    ): void {
        self::assertSame($allowed, LineLimit::of($anglers, $crew, $fish, $each, $most));
    }

    /** @return iterable<string, array{int, int, bool, ?int, ?int, ?int}> */
    public static function limits(): iterable
    {
        yield 'nothing entered' => [4, 2, true, null, null, null];
        yield 'so many each' => [4, 2, false, 3, null, 12];
        yield 'the crew may fish' => [4, 2, true, 3, null, 18];
        yield 'a most on the boat' => [4, 2, true, 3, 12, 12];
        yield 'a most that is not reached' => [2, 0, true, 2, 12, 4];
        yield 'a most alone' => [4, 2, false, null, 9, 9];
    }

    private function clock(): TripClock
    {
        $linesIn = sprintf('%02d:%02d', $this->chance->getInt(0, 23), 5 * $this->chance->getInt(0, 11));
        $backBy = sprintf('%02d:%02d', $this->chance->getInt(0, 23), 1 + 5 * $this->chance->getInt(0, 11));

        return TripClock::of(
            $linesIn,
            $backBy,
            $this->chance->getInt(0, 3) === 0 ? null : (float) $this->chance->getInt(0, 30000),
            Book::Chores->of(),
        );
    }

    private function needs(): TripNeeds
    {
        return new TripNeeds(
            $this->chance->getInt(1, 6), $this->chance->getInt(0, 6), $this->chance->getInt(0, 6), $this->chance->getInt(0, 16),
            $this->chance->getInt(0, 1) === 1,
            $this->chance->getInt(0, 1) === 0 ? []
                : [['key' => '1.83', 'leader' => '6 ft', 'count' => $this->chance->getInt(1, 12)]],
            BaitCure::cases()[$this->chance->getInt(0, 2)], $this->chance->getInt(0, 1) === 1,
        );
    }

    /** @return list<ForecastHour> */
    private function forecast(bool $whole = false): array
    {
        $known = fn (): bool => $whole || $this->chance->getInt(0, 30) !== 0;
        $maybe = static fn (float $value): ?float => $known() ? $value : null;
        $perhaps = static fn (bool $value): ?bool => $known() ? $value : null;
        $windy = $this->chance->getInt(0, 12);

        return array_map(fn (int $hour): ForecastHour => new ForecastHour(
            60 * $hour, $maybe((float) $windy * $this->chance->getInt(50, 110) / 100), $maybe(1.3 * $windy),
            (float) $this->chance->getInt(0, 359), $maybe($windy / 14), $maybe((float) $this->chance->getInt(1000, 9000)),
            $perhaps($this->chance->getInt(0, 40) === 0), $perhaps($this->chance->getInt(0, 60) === 0),
        ), range(-12, 47));
    }

    /** @param  list<ForecastHour>  $forecast */
    private function verdict(array $forecast, TripClock $clock): GoNoGo
    {
        return GoNoGo::of($forecast, Book::Go->of(), $clock, 9000.0, 15.0);
    }
}
