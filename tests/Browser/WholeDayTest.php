<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use StandIns\Instruments\Moment;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\LetsDevicesIn;
use Tests\Browser\Support\SailsTheDemoSea;
use Tests\Browser\Support\TapsRods;
use Tests\Support\Running\Wait;

/**
 * A day from lines out to lines in, on the laptop, the mate's phone and a guest's, on the stand-in's sea: what its script says
 * happened is what the log, the line-hours and the GPX tell afterwards.
 */
final class WholeDayTest extends BrowserTestCase
{
    use LetsDevicesIn;
    use SailsTheDemoSea;
    use TapsRods;

    private const TRIP = '/trips/{next}';

    private Browser $mate;

    private Browser $guest;

    protected function setUp(): void
    {
        parent::setUp();
        $this->putToSea();
        $this->mate = $this->openPhone();
        $this->comeAboard($this->mate, 'mate', 'Cockpit');
        $this->guest = $this->openPhone();
        $this->comeAboard($this->guest, 'guest', 'Guests');
        foreach ([$this->browser, $this->mate, $this->guest] as $device) {
            $this->visit(self::TRIP.'/watch', $device);
            $this->see('[data-rod=S1] .depth', browser: $device);
        }
    }

    protected function tearDown(): void
    {
        $this->leaveTheSea();
        parent::tearDown();
    }

    public function test_it_is_lived_by_three_devices_and_told_as_it_was(): void
    {
        $this->sail(1);
        $this->see('.unit', 'through the water');
        $this->see('[data-read=depth]', '11');

        $set = $this->setAll();
        self::assertSame(array_column($this->api(self::TRIP.'/watch')['rods'], 'holder'), $this->byRail($set));
        $this->see('.clock', '12 of 12 lines out', $this->guest);

        // The first turn, and a bite on its inside: kept.
        $straight = $this->rod('P4')['depth'];
        $this->sail(60, turn: -1.0);
        $this->see('.unit', 'turning to port');
        self::assertGreaterThan($straight, $this->rod('P4')['depth'], 'inside it is slower and hangs deeper');
        $this->sail(1, turn: -1.0);
        $this->act($this->browser, 'P4', 'bite');
        $this->see('[data-rod=P4][data-state=fish_on]', browser: $this->mate);
        $this->see('[data-rod=P4][data-state=fish_on]', browser: $this->guest);
        $this->see('[data-way]', 'slowed');
        $this->click('[data-act=landed]');
        $this->click('.fish label', 'king');
        $this->fill('#fish-weight', '14');
        $this->see('.fish', 'upright until it swims');
        $this->click('.fish [data-end=kept]');
        $this->see('.bags', '1 kept of your 3', $this->guest);

        // The second turn; then the round of checks.
        $this->sail(60, turn: 1.0);
        $this->see('.unit', 'turning to starboard');
        $this->sail(60);
        $checked = array_values(array_diff($set, ['P4']));
        foreach ($checked as $rod) {
            $this->act($this->mate, $rod, 'checked');
            $this->see('[role=status]', "{$rod} checked", $this->mate);
        }

        // The phone's network goes; a fish comes and goes back meanwhile.
        $this->sail(30);
        $this->network($this->mate, gone: true);
        $this->act($this->mate, 'S4', 'bite');
        $this->see('[data-rod=S4][data-state=fish_on]', 'waiting to be sent', $this->mate);
        $this->click('[data-act=landed]', browser: $this->mate);
        $this->click('.fish label', 'lake trout', $this->mate);
        $this->click('.fish [data-end=released]', browser: $this->mate);
        $this->see('[data-rod=S4][data-state=in_boat]', browser: $this->mate);
        self::assertSame('fishing', $this->rod('S4')['state'], 'nobody else knows yet');
        $this->network($this->mate, gone: false);
        $this->see('[data-rod=S4][data-state=in_boat]');
        $this->see('[data-rod=S4][data-state=in_boat]', browser: $this->guest);

        // The third is lost.
        $this->sail(30);
        $this->act($this->browser, 'S5', 'bite');
        $this->click('[data-act=lost]');
        $this->see('[data-rod=S5][data-state=in_boat]', browser: $this->mate);

        $this->theCurrentIsTooMuch();
        $this->theBottomComesUp();
        $this->asked();

        foreach (array_diff($set, ['P4', 'S4', 'S5']) as $rod) {
            $this->act($this->mate, $rod, 'in');
            $this->see("[data-rod={$rod}][data-state=in_boat]", browser: $this->mate);
        }
        $this->see('.clock', '0 of 12 lines out', $this->guest);
        self::assertSame([], $this->guest->driver->findElements(WebDriverBy::cssSelector('[data-act], .answers, .undo')));
        $this->toldAsItWas($set, $checked);
    }

    /** @return list<string> as the mate set them, one after another as they were offered */
    private function setAll(): array
    {
        $set = [];
        for ($i = 0; $i < 12; $i++) {
            $this->click('.next', browser: $this->mate);
            $rod = (string) $this->see('[data-rod][aria-pressed=true]', browser: $this->mate)->getAttribute('data-rod');
            $this->click('[data-act=out]', browser: $this->mate);
            $this->see("[data-rod={$rod}][data-state=fishing]");
            $set[] = $rod;
        }
        $card = array_column(array_column($this->api('/spreads/{next}/deck-card')['rows'], 'running'), 'holder');
        self::assertSame($card, $set, 'in the deck card’s order');

        return $set;
    }

    private function theCurrentIsTooMuch(): void
    {
        $kept = $this->data->prepare('insert or ignore into track (at, ground_speed, water_speed) values (?, 0.12, 1.0)');
        $this->data->exec('begin immediate');
        for ($ago = 1260; $ago > 0; $ago -= 4) {
            $kept->execute([(time() - $ago) * 1000 + 7]);
        }
        $this->data->exec('commit');
        $this->visit(self::TRIP.'/watch');
        // What is advised is good for some seconds, and what she reads no longer: she sails on until it is told.
        Wait::until(function (): bool {
            $this->sail(1, ground: 0.12);

            return str_contains((string) $this->js(
                'return document.querySelector("[data-change^=headway]")?.textContent',
            ), 'troll back down with the current');
        }, 'headway to be told');
        $this->click('.answers button', 'Done');
        Wait::until(fn (): bool => ! str_contains(
            (string) json_encode($this->api(self::TRIP.'/changes')), 'headway',
        ), 'it to be answered');
        self::assertSame([], $this->browser->driver->findElements(WebDriverBy::cssSelector('[data-change^=headway]')));
    }

    private function theBottomComesUp(): void
    {
        $this->sail(1, depth: 24.0);
        $this->see('[data-alarm=true]', 'BOTTOM');
        $this->see('[data-alarm=true]', 'P5 reaches bottom now');
        $this->click('[data-alarm=true] button', 'Silence');
        Wait::until(fn (): bool => $this->js('return document.querySelector("[data-alarm=true] button")') === null, 'silence');
        $this->sail(1, depth: 60.0);
        Wait::until(fn (): bool => $this->js('return document.querySelector("[data-alarm=true]")') === null, 'it to be clear');
    }

    /** The sounder has 197 ft there: nobody touched bottom at 300, and what is taken back is gone. */
    private function asked(): void
    {
        $this->act($this->browser, 'P3', 'sounding');
        $this->fill('#sounded-at', '300');
        $this->click('dialog [data-method=bottom]');
        $this->see('dialog [role=alert]', 'The sounder has 197 ft of water there: did P3 touch bottom at 300 ft?');
        $this->click('dialog button', 'Take it back');
        Wait::until(fn (): bool => $this->js('return document.querySelector("dialog[open]")') === null, 'it to be taken back');
    }

    /**
     * @param  list<string>  $set
     * @param  list<string>  $checked
     */
    private function toldAsItWas(array $set, array $checked): void
    {
        $day = $this->api(self::TRIP.'/day');
        $kinds = array_count_values(array_column($day['log'], 'kind'));
        ksort($kinds);
        self::assertSame([
            'answer' => 1, 'bite' => 3, 'checked' => count($checked), 'in' => 9, 'kept' => 1, 'landed' => 2, 'lost' => 1,
            'out' => 12, 'released' => 1,
        ], $kinds);
        self::assertEqualsCanonicalizing($set, array_column(
            array_filter($day['log'], static fn (array $event): bool => $event['kind'] === 'out'), 'holder',
        ));

        // Line-hours by hand: from each out to what ended it.
        $seconds = 0.0;
        $out = [];
        foreach (array_reverse($day['log']) as $event) {
            $at = (float) (new \DateTimeImmutable($event['at']))->format('U.v');
            if ($event['kind'] === 'out') {
                $out[$event['holder']] = $at;
            } elseif (in_array($event['kind'], ['in', 'bite'], true)) {
                $seconds += $at - $out[$event['holder']];
            }
        }
        self::assertEqualsWithDelta($seconds / 3600.0, $day['line_hours'], 0.002);

        $bites = array_column($this->api(self::TRIP.'/bites'), null, 'holder');
        self::assertSame(
            [['landed', 'king', 'port'], ['landed', 'lake_trout', null], ['lost', null, null]],
            array_map(static fn (string $rod): array => [
                $bites[$rod]['outcome'], $bites[$rod]['species'], $bites[$rod]['snapshot']['turn']['side'] ?? null,
            ], ['P4', 'S4', 'S5']),
        );

        $gpx = simplexml_load_string((string) file_get_contents($this->app->api(self::TRIP.'/day/file/gpx')));
        self::assertNotFalse($gpx);
        $near = fn (\SimpleXMLElement $point): float => min([INF, ...array_map(static fn (Moment $m): float => hypot(
            $m->place->latitude - (float) $point['lat'], $m->place->longitude - (float) $point['lon'],
        ), $this->sailed)]);
        self::assertCount(3, $gpx->wpt);
        foreach ([...$gpx->wpt, ...$gpx->trk->trkseg->trkpt] as $point) {
            self::assertLessThan(1e-6, $near($point), 'where the script sailed her');
        }
        self::assertGreaterThanOrEqual(count($this->sailed) - 1, count($gpx->trk->trkseg->trkpt));
    }

    private function network(Browser $device, bool $gone): void
    {
        $device->devTools()->execute('Network.enable');
        $device->devTools()->execute('Network.emulateNetworkConditions', [
            'offline' => $gone, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1,
        ]);
    }
}
