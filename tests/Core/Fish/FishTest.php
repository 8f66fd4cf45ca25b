<?php

declare(strict_types=1);

namespace Tests\Core\Fish;

use Admek\Core\Books\Book;
use Admek\Core\Fish\FishCare;
use Admek\Core\Fish\Habits;
use Admek\Core\Fish\Species;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Habits and care of each species. */
final class FishTest extends TestCase
{
    /** @param  list<float>  $figures  likes from, to, feeds from, to in °F, slowest, fastest in mph */
    #[DataProvider('table')]
    public function test_each_species_has_its_water_and_its_speed(Species $species, array $figures): void
    {
        $habits = Habits::of($species, Book::Habits->of());
        $us = static fn (Quantity $quantity, float $si): float => round(Units::Us->fromSi($quantity, $si), 6);

        self::assertSame($figures, [
            $us(Quantity::Temperature, $habits->likesFrom), $us(Quantity::Temperature, $habits->likesTo),
            $us(Quantity::Temperature, $habits->feedsFrom), $us(Quantity::Temperature, $habits->feedsTo),
            $us(Quantity::Speed, $habits->speedFrom), $us(Quantity::Speed, $habits->speedTo),
        ]);
        self::assertTrue(
            $habits->feedsFrom <= $habits->likesFrom && $habits->likesTo <= $habits->feedsTo, 'it feeds where it likes to be',
        );
    }

    /** @return iterable<string, array{Species, list<float>}> */
    public static function table(): iterable
    {
        yield 'king' => [Species::King, [48.0, 54.0, 42.0, 58.0, 2.0, 2.8]];
        yield 'coho' => [Species::Coho, [52.0, 58.0, 44.0, 62.0, 2.3, 3.2]];
        yield 'steelhead' => [Species::Steelhead, [49.0, 58.0, 42.0, 63.0, 2.8, 3.6]];
        yield 'lake trout' => [Species::LakeTrout, [44.0, 52.0, 38.0, 55.0, 1.6, 2.8]];
        yield 'brown trout' => [Species::BrownTrout, [52.0, 60.0, 44.0, 65.0, 2.0, 2.8]];
        yield 'walleye' => [Species::Walleye, [62.0, 72.0, 40.0, 78.0, 1.0, 2.4]];
        yield 'muskie' => [Species::Muskie, [62.0, 74.0, 50.0, 79.0, 3.0, 4.5]];
    }

    #[DataProvider('warm')]
    public function test_in_water_too_warm_they_are_not_fished_for_to_release(Species $species, float $limit): void
    {
        $said = static fn (float $fahrenheit): string => FishCare::advice(
            [$species], Book::Care->of(), Units::Us->toSi(Quantity::Temperature, $fahrenheit), [],
        )->in(Units::Us);

        self::assertStringStartsWith('Net it, hook out in the water', $said($limit - 0.5));
        self::assertStringStartsWith("Do not fish for {$species->label()} to release", $said($limit + 0.6));
        self::assertStringContainsString("over {$limit} °F", $said($limit + 0.6));
    }

    /** @return iterable<string, array{Species, float}> */
    public static function warm(): iterable
    {
        foreach (Species::cases() as $species) {
            yield $species->value => [$species, match ($species) {
                Species::Muskie => 78, Species::Walleye => 80, default => 68
            }];
        }
    }

    public function test_those_brought_up_from_the_deep_are_named_and_from_how_deep(): void
    {

        self::assertStringContainsString(
            'Lake trout from 110 ft brought up fast may not survive release',
            self::care([Species::King, Species::LakeTrout], ['king' => 120, 'lake_trout' => 110]),
        );
        self::assertStringNotContainsString(
            'brought up fast', self::care([Species::King], ['king' => 120]), 'kings vent themselves',
        );
        self::assertStringNotContainsString('brought up fast', self::care([Species::Walleye], ['walleye' => 28]));
        self::assertStringContainsString('Walleye from 34 ft', self::care([Species::Walleye], ['walleye' => 34]));
        self::assertStringContainsString(
            'is not known', FishCare::advice([Species::Coho], Book::Care->of(), null, [])->in(Units::Us),
        );
    }

    /**
     * @param  non-empty-list<Species>  $species
     * @param  array<string, int>  $deepest  ft by species
     */
    private static function care(array $species, array $deepest): string
    {
        return FishCare::advice(
            $species, Book::Care->of(), 10.0, array_map(static fn (float $feet): float => $feet * Units::FOOT, $deepest),
        )->in(Units::Us);
    }
}
