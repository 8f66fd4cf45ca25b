<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Books\Book;
use App\Models\Boat;
use App\Models\Gear\Lure;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\TripPrepared;

/** The evening before, through HTTP against a real database. */
final class PreparationTest extends FeatureTestCase
{
    use TripPrepared;

    public function test_the_timeline_follows_the_plan_and_lines_in(): void
    {
        $before = $this->prepared();
        self::assertSame(
            ['cast_off' => '05:42', 'lines_in' => '06:15', 'leave' => '12:02', 'back_by' => '12:30'], $before['clock'],
        );
        self::assertSame(
            ['05:42', 0], [$this->chore($before, 'dock_lines')['clock'], $this->chore($before, 'dock_lines')['day']],
        );
        self::assertSame(-1, $this->chore($before, 'leaders')['day']);
        self::assertNotContains('thaw', array_column($before['timeline'], 'key'), 'no rod fishes bait');

        $spread = $this->demoSpread();
        $spread['lines'][4]['lure_id'] = Lure::query()->where('kind', 'rigged_bait')->firstOrFail()->id;
        $this->send('PUT', '/spreads/{next}', $spread, 200);
        self::assertSame('For one rod; half frozen it cuts clean.', $this->chore($this->prepared(), 'cut')['why']);
        $this->trip(['lines_in' => '07:00']);
        $after = $this->prepared();
        self::assertSame('06:27', $after['clock']['cast_off']);
        self::assertSame('07:00', $this->send('GET', '/trips/{next}')->json('lines_in'));
        $this->trip(['bait_cure' => 'fresh']);
        self::assertNotContains('cure', array_column($this->prepared()['timeline'], 'key'));
    }

    public function test_a_chore_is_ticked_given_away_moved_left_out_and_forgotten(): void
    {
        $of = fn (array $change): array => $this->send(
            'PUT', '/trips/{next}/chores/ice?now=2031-06-02T05:30', $change, 200,
        )->json();
        self::assertSame('late', $this->chore($this->prepared('2031-06-02T05:30'), 'ice')['state']);
        self::assertSame('now', $this->chore($this->prepared('2031-06-02T05:05'), 'ice')['state']);
        self::assertSame('coming', $this->chore($this->prepared('2031-06-01T22:00'), 'ice')['state']);
        $ticked = $this->chore($of(['done' => true]), 'ice');
        self::assertSame('done', $ticked['state']);
        self::assertSame(
            $ticked['done_at'],
            $this->chore($of(['done' => true]), 'ice')['done_at'],
            'ticked again it was done when it was done',
        );
        self::assertSame('late', $this->chore($of(['done' => false, 'owner' => 'Orla']), 'ice')['state']);
        $moved = $this->chore($of(['at' => 240]), 'ice');
        self::assertSame(['Orla', '04:00', true], [$moved['owner'], $moved['clock'], $moved['moved']]);
        $dropped = $of(['dropped' => true]);
        self::assertSame(['ice'], array_column($dropped['dropped'], 'key'));
        self::assertNotContains('ice', array_column($dropped['timeline'], 'key'));
        $forgotten = $this->send('DELETE', '/trips/{next}/chores/ice', expect: 200)->json();
        self::assertSame(['mate', false], [$this->chore($forgotten, 'ice')['owner'], $this->chore($forgotten, 'ice')['moved']]);
    }

    public function test_the_captain_adds_a_chore_of_his_own(): void
    {
        $added = $this->send(
            'POST', '/trips/{next}/chores', ['what' => 'Pick up Orla', 'at' => 290, 'owner' => 'captain'], 201,
        )->json();
        $own = array_values(array_filter($added['timeline'], static fn (array $chore): bool => $chore['own']));
        self::assertSame(['Pick up Orla', '04:50', 10], [$own[0]['what'], $own[0]['clock'], $own[0]['minutes']]);
        $gone = $this->send('DELETE', "/trips/{next}/chores/{$own[0]['key']}", expect: 200)->json();
        self::assertNotContains($own[0]['key'], array_column($gone['timeline'], 'key'));
        $this->send('DELETE', "/trips/{next}/chores/{$own[0]['key']}", expect: 404);
        $this->send('PUT', '/trips/{next}/chores/swab', ['done' => true], 404);
        $this->assertRefusedAt(['/what', '/at'], 'POST', '/trips/{next}/chores', []);
        $this->assertRefusedAt(['/at'], 'PUT', '/trips/{next}/chores/ice', ['at' => 9000]);
        $this->assertRefusedAt(['/now'], 'GET', '/trips/{next}/preparation?now=noon', []);
    }

    public function test_the_calendar_is_sound_and_comes_back_as_it_went_out(): void
    {
        Boat::query()->firstOrFail()->update(['timezone' => 'Etc/GMT+3']);
        $this->send('PUT', '/trips/{next}/chores/ice', ['done' => true], 200);
        $this->send('POST', '/trips/{next}/chores', ['what' => "Fetch tea; milk, sugar\nand \\ cups", 'at' => -90], 201);
        $prepared = $this->prepared();
        $response = $this->send('GET', '/trips/{next}/timeline', expect: 200);
        $text = (string) $response->getContent();
        self::assertStringContainsString('timeline-2031-06-02.ics', (string) $response->headers->get('Content-Disposition'));
        self::assertSame(
            [],
            array_filter(preg_split('/\r\n/', $text) ?: [], static fn (string $row): bool => strlen($row) > 75),
            'RFC 5545 folds lines at 75 octets',
        );
        $calendar = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            $events[(string) $event->UID] = $event;
        }
        self::assertCount(count($prepared['timeline']), $events);
        foreach ($prepared['timeline'] as $chore) {
            $event = $events["2-{$chore['key']}@admek.invalid"];
            self::assertSame(
                $chore['clock'],
                $event->DTSTART->getDateTime()->setTimezone(new \DateTimeZone('Etc/GMT+3'))->format('H:i'),
                $chore['key'],
            );
            self::assertSame("{$chore['what']} ({$chore['owner']})", (string) $event->SUMMARY);
            self::assertSame('DISPLAY', (string) $event->VALARM->ACTION);
        }
        self::assertSame(
            '2031-06-02 08:42',
            $events['2-dock_lines@admek.invalid']->DTSTART->getDateTime()->format('Y-m-d H:i'),
            'cast off at 05:42 by a clock three hours behind UTC',
        );
        $this->trip(['lines_in' => '06:45']);
        $again = Reader::read((string) $this->send('GET', '/trips/{next}/timeline', expect: 200)->getContent());
        $again = array_column(
            array_map(
                static fn ($event): array => ['uid' => (string) $event->UID, 'start' => (string) $event->DTSTART],
                iterator_to_array($again->select('VEVENT'), false),
            ),
            'start',
            'uid',
        );
        self::assertSame('20310602T091200Z', $again['2-dock_lines@admek.invalid'], 'the same event, later');
    }

    public function test_where_the_clocks_change_in_the_night_each_chore_keeps_its_clock_time(): void
    {
        // The second Sunday of March: at two in the morning it is three.
        Boat::query()->firstOrFail()->update(['timezone' => 'EST5EDT']);
        $this->demoTrip()->update(['date' => '2031-03-09']);
        $calendar = Reader::read((string) $this->send('GET', '/trips/{next}/timeline', expect: 200)->getContent());
        $starts = array_column(
            array_map(
                static fn ($event): array => [(string) $event->UID, (string) $event->DTSTART],
                iterator_to_array($calendar->select('VEVENT'), false),
            ),
            1,
            0,
        );

        self::assertSame('20310309T094200Z', $starts['2-dock_lines@admek.invalid'], '05:42 by summer time');
        self::assertSame('20310309T010000Z', $starts['2-charge@admek.invalid'], '20:00 the evening before, by winter time');
    }

    public function test_a_night_trip_is_prepared_the_same_day_and_home_the_next(): void
    {
        $this->trip(['lines_in' => '20:30', 'back_by' => '02:00', 'run' => null]);
        $prepared = $this->prepared('2031-06-02T21:00');
        self::assertSame(
            ['cast_off' => '20:15', 'lines_in' => '20:30', 'leave' => '01:50', 'back_by' => '02:00'], $prepared['clock'],
        );
        self::assertSame(
            [0], array_values(array_unique(array_column($prepared['timeline'], 'day'))), 'nothing is put on the day before',
        );
        self::assertSame('late', $this->chore($prepared, 'dock_lines')['state']);
        self::assertSame(['20:15', '21:00', '22:00', '23:00', '00:00', '01:00'], array_column($prepared['go']['hours'], 'clock'));
        self::assertEqualsWithDelta(5.33, $prepared['hours_fished'], 0.01);
        $forecast = "time,wind mph\n19:00,6\n22:00,7\n00:30,30\n";
        $go = $this->send('POST', '/trips/{next}/forecast/file', ['text' => $forecast], 200)->json('go');
        self::assertSame(
            [20 * 60 - 60, 22 * 60, 1440 + 30], array_column($go['forecast']['hours'], 'at'), 'past midnight is the next day',
        );
        self::assertContains(
            'Wind 30 mph at 12:00 AM on the ground is over your limit of 20 mph.', array_column($go['worst'], 'said'),
        );
    }

    public function test_every_book_shows_its_rules_takes_one_s_own_and_gives_the_default_back(): void
    {
        foreach (Book::cases() as $book) {
            $rules = $this->send('GET', "/boat/books/{$book->value}", expect: 200)->json('rules');
            self::assertCount(count($book->rules()), $rules);
            foreach ($rules as $rule) {
                self::assertNotSame('', $rule['why']);
                self::assertFalse($rule['own']);
                foreach ([$rule['least'], $rule['most']] as $end) {
                    $changed = array_column(
                        $this->send('PUT', "/boat/books/{$book->value}", ['own' => [$rule['key'] => $end]], 200)->json('rules'),
                        null,
                        'key',
                    )[$rule['key']];
                    self::assertEqualsWithDelta($end, $changed['value'], 1e-3, "{$book->value}.{$rule['key']}");
                }
                $back = array_column(
                    $this->send('PUT', "/boat/books/{$book->value}", ['back' => [$rule['key']]], 200)->json('rules'), null, 'key',
                )[$rule['key']];
                self::assertSame([$rule['value'], false], [$back['value'], $back['own']]);
            }
        }
        self::assertSame([], array_filter(Boat::query()->firstOrFail()->rule_books ?? []));
    }
}
