<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Feature\Support\FeatureTestCase;

final class CraftsTest extends FeatureTestCase
{
    public function test_a_captain_s_own_words_stand_in_place_of_admek_s_until_they_are_given_back(): void
    {
        $this->seedDemo();
        $before = $this->part('bouncer', 'taken');
        self::assertFalse($before['own']);
        self::assertStringContainsString('Let the tip load, drop back a little, then sweep', $before['words']);
        $this->send('PUT', '/boat/crafts/bouncer', ['parts' => ['taken' => 'Count to two.']], 200);
        $own = $this->part('bouncer', 'taken');
        self::assertSame(['Count to two.', true], [$own['words'], $own['own']]);
        self::assertFalse($this->part('bouncer', 'drag')['own']);
        $this->send('PUT', '/boat/crafts/bouncer', ['parts' => ['taken' => null]], 200);
        self::assertSame($before, $this->part('bouncer', 'taken'));
    }

    public function test_what_no_card_has_is_refused(): void
    {
        $this->seedDemo();
        $this->assertRefusedAt(['/parts/colour'], 'PUT', '/boat/crafts/flat', ['parts' => ['colour' => 'red']]);
        $this->assertRefusedAt(['/parts/drag'], 'PUT', '/boat/crafts/flat', ['parts' => ['drag' => str_repeat('x', 501)]]);
        $this->json('PUT', '/api/boat/crafts/kite', ['parts' => ['drag' => 'x']])->assertStatus(404);
    }

    /** @return array{part: string, title: string, words: string, own: bool} */
    private function part(string $rig, string $part): array
    {
        $cards = array_column($this->send('GET', '/boat/crafts', expect: 200)->json('rigs'), 'parts', 'rig');

        return array_column($cards[$rig], null, 'part')[$part];
    }
}
