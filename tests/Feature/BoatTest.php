<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Boat;
use Tests\Feature\Support\FeatureTestCase;

final class BoatTest extends FeatureTestCase
{
    public function test_before_there_is_a_boat_all_that_needs_one_says_so(): void
    {
        foreach (['/boat', '/locker', '/trips'] as $path) {
            $this->send('GET', $path, expect: 404);
        }
    }

    public function test_the_offer_makes_a_working_boat_with_gear_aboard(): void
    {
        $boat = $this->send(
            'POST', '/boat', ['name' => 'Bright Morning', 'starter_locker' => true] + $this->offer(), 201,
        )->json();

        self::assertSame(range(0, 11), array_column($boat['holders'], 'place'));
        self::assertSame($boat, $this->send('GET', '/boat', expect: 200)->json());
        $locker = $this->send('GET', '/locker', expect: 200)->json();
        foreach (['reels', 'balls', 'divers', 'boards', 'lures'] as $gear) {
            self::assertNotEmpty($locker[$gear], $gear);
        }
        self::assertSame([], $this->send('GET', '/trips', expect: 200)->json());
        $this->send('POST', '/boat', ['name' => 'Second', 'starter_locker' => false] + $this->offer(), 409);
        self::assertSame(1, Boat::query()->count());
    }

    public function test_a_boat_nobody_could_sail_is_refused_whole(): void
    {
        $offer = $this->offer();
        $this->assertRefusedAt(
            ['/name', '/length', '/units'],
            'POST',
            '/boat',
            ['name' => '', 'length' => 4000, 'units' => 'leagues', 'starter_locker' => true] + $offer,
        );
        $offer['holders'][3]['code'] = 'p1';
        $offer['holders'][4]['height'] = 'high';
        $this->assertRefusedAt(
            ['/holders/0/code', '/holders/3/code', '/holders/4/height'],
            'POST',
            '/boat',
            ['name' => 'A', 'starter_locker' => true] + $offer,
        );
        self::assertSame(0, Boat::query()->count());
    }

    /** @return array<string, mixed> */
    private function offer(): array
    {
        return $this->send('GET', '/boat/offer', expect: 200)->json();
    }
}
