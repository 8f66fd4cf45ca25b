<?php

declare(strict_types=1);

namespace Tests\Core\Trip;

use Admek\Core\Trip\AlikeTrips;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AlikeTripsTest extends TestCase
{
    /**
     * @param  list<string>  $species
     * @param  list<string>  $others
     */
    #[TestWith([['king'], 36.0, ['lake_trout', 'king'], 30.0, true])]
    #[TestWith([['king'], 36.0, ['king'], null, true])]
    #[TestWith([['king'], null, ['king'], 12.0, true])]
    #[TestWith([['king'], 20.0, ['king'], 40.0, true])]
    #[TestWith([['king'], 20.0, ['king'], 40.1, false])]
    #[TestWith([['lake_trout'], 36.0, ['lake_trout'], 7.6, false])]
    #[TestWith([['walleye'], 20.0, ['king'], 20.0, false])]
    #[TestWith([['walleye'], null, ['king'], null, false])]
    public function test_a_fish_in_common_and_about_the_same_bottom(
        array $species, ?float $bottom, array $others, ?float $other, bool $alike,
    ): void {
        self::assertSame($alike, AlikeTrips::are($species, $bottom, $others, $other));
        self::assertSame($alike, AlikeTrips::are($others, $other, $species, $bottom), 'either way round');
    }
}
