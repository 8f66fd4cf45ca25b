<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Feature\Support\AtTheWater;
use Tests\Feature\Support\FeatureTestCase;

/** Marks of fish and the captain's own bands, through HTTP. */
final class WaterMarksTest extends FeatureTestCase
{
    use AtTheWater;

    public function test_marks_are_added_counted_and_taken_back(): void
    {
        $mark = fn (float $feet, int $count, bool $tight = false): array => $this->send(
            'POST',
            '/trips/{next}/water/marks',
            ['depth' => $feet * self::FOOT, 'count' => $count, 'tight' => $tight, 'size' => 'medium'],
            201,
        )->json();
        $mark(58, 6);
        $water = $mark(62, 4);
        self::assertSame('10 fish marked from 58 to 62 ft: run 2 to 4 ft above them, they look up.', $water['bands'][0]['why']);
        self::assertSame([6, 4], array_column($water['histogram'], 'fish'));
        self::assertEquals(3.0, $water['bands'][0]['weight'], 'fish seen weigh more than water they would like');
        $less = $this->send('DELETE', "/trips/{next}/water/marks/{$water['marks'][1]['id']}", expect: 200)->json();
        self::assertCount(1, $less['marks']);
        $this->send('DELETE', '/trips/{next}/water/marks/999', expect: 404);
        $this->assertRefusedAt(
            ['/depth'],
            'POST',
            '/trips/{next}/water/marks',
            ['depth' => 200 * self::FOOT, 'count' => 1, 'tight' => false, 'size' => 'small'],
        );
        $this->assertRefusedAt(
            ['/count', '/size'],
            'POST',
            '/trips/{next}/water/marks',
            ['depth' => 3.0, 'count' => 0, 'tight' => false, 'size' => 'vast'],
        );
    }

    public function test_a_band_of_the_captain_s_own_stands_until_it_is_given_back(): void
    {
        $own = $this->send(
            'PUT',
            '/trips/{next}/water/choices',
            ['band' => ['species' => 'king', 'top' => 9.0, 'bottom' => 15.0, 'weight' => 4.0]],
            200,
        )->json();
        self::assertSame(
            [true, 9.0, 4.0], [$own['bands'][0]['own'], (float) $own['bands'][0]['top'], (float) $own['bands'][0]['weight']],
        );
        self::assertSame(
            [9.0, 9.0],
            [(float) $own['schedule'][0]['bands'][0]['top'], (float) $own['schedule'][5]['bands'][0]['top']],
            'light does not move it',
        );
        self::assertEqualsWithDelta(15.2, $own['bands'][0]['reckoned']['top'], 0.5);
        $this->assertRefusedAt(
            ['/band/bottom'], 'PUT', '/trips/{next}/water/choices',
            ['band' => ['species' => 'king', 'top' => 9.0, 'bottom' => 5.0]],
        );
        $this->assertRefusedAt(
            ['/band/species'], 'PUT', '/trips/{next}/water/choices',
            ['band' => ['species' => 'coho', 'top' => 9.0, 'bottom' => 15.0]],
        );
        self::assertFalse(
            $this->send(
                'PUT', '/trips/{next}/water/choices', ['band' => ['species' => 'king', 'top' => null, 'bottom' => null]], 200,
            )->json('bands.0.own'),
        );
        $slot = $this->water()['schedule'][2]['bands'];
        self::assertEquals(
            $slot,
            $this->send('PUT', '/trips/{next}/bands', ['bands' => $slot], 200)->json('bands'),
            'the bands of an hour are what the planning table takes',
        );
    }
}
