<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Admek\Core\Day\Changes\Bitten;
use Admek\Core\Day\Changes\Change;
use Admek\Core\Day\Changes\ChangeRules;
use Admek\Core\Day\Changes\Changes;
use Admek\Core\Day\Changes\Facts;
use Admek\Core\Day\Changes\Rod;
use Admek\Core\Fish\FishCare;
use Admek\Core\Ground\Place;
use Admek\Core\Records\Outcome;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Towing\Side;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;

/** Each rule of what to change: said when it comes true, not before, with its figures, and never again once answered. */
final class ChangesTest extends TestCase
{
    private const NOW = 1_900_000_000.0;

    public function test_bites_on_the_inside_of_turns_say_slower_and_on_the_outside_faster(): void
    {
        $inside = static fn (int $in, int $out): array => [
            ...array_map(static fn (int $i): Bitten => self::bite($i, side: Side::Port, turn: Side::Port), range(1, $in)),
            ...($out === 0 ? [] : array_map(
                static fn (int $i): Bitten => self::bite(10 + $i, side: Side::Port, turn: Side::Starboard), range(1, $out),
            )),
        ];
        self::assertNotContains('turns-inside', self::keys(self::facts($inside(2, 0))), 'two happen by chance');
        self::assertNotContains('turns-inside', self::keys(self::facts($inside(3, 2))), 'not two to one');
        $said = self::said('turns-inside', self::facts($inside(4, 2)));
        self::assertStringStartsWith('Slow down', $said[0]);
        self::assertStringContainsString('4 of 6', $said[1]);
        self::assertStringStartsWith('Speed up', self::said('turns-outside', self::facts($inside(1, 3)))[0]);
        $straight = array_map(static fn (int $i): Bitten => self::bite($i, side: Side::Port), range(1, 5));
        self::assertSame([], array_intersect(['turns-inside', 'turns-outside'], self::keys(self::facts($straight))));
        $read = array_map(static fn (int $i): Bitten => self::bite(
            $i, side: Side::Port, turn: Side::Port, through: [15.24 + $i, 18.0 + $i, 0.6 + 0.02 * $i, 0.8 + 0.02 * $i],
        ), range(0, 3));
        self::assertStringContainsString(
            'between 50 and 69 ft, at 1.3 to 1.9 mph', self::said('turns-inside', self::facts($read))[1],
        );
        $amidships = array_map(static fn (int $i): Bitten => self::bite($i, side: null, turn: Side::Port), range(1, 5));
        self::assertSame([], array_intersect(['turns-inside', 'turns-outside'], self::keys(self::facts($amidships))));
    }

    public function test_no_headway_against_the_current_says_where_to_lift_to(): void
    {
        $key = sprintf('headway-%d', intdiv((int) self::NOW, 3600));
        $said = self::said($key, self::facts(made: 0.15, speed: 1.0, heading: 40.0));
        // 20 minutes at twice her speed less what she makes: 1.85 m/s.
        self::assertSame('Lift, run 1.4 mi on 40°, and troll back down with the current.', $said[0]);
        self::assertStringContainsString('0.3 mph over the ground for 20 min at 2.2 mph', $said[1]);
        foreach ([[0.23, 1.0], [null, 1.0], [0.1, 0.1], [0.1, null]] as [$made, $speed]) {
            self::assertNotContains($key, self::keys(self::facts(made: $made, speed: $speed, heading: 40.0)));
        }
    }

    public function test_a_fish_that_followed_is_worked_for_while_it_is_there(): void
    {
        $at = static fn (float $minutes): array => ['id' => 'f1', 'at' => self::NOW - 60.0 * $minutes];
        $said = self::said('followed-f1', self::facts(followed: $at(2.0)));
        self::assertSame('A burst of speed, then a sharp turn; then a cast to it.', $said[0]);
        self::assertStringContainsString('followed 2 min ago', $said[1]);
        self::assertNotContains('followed-f1', self::keys(self::facts(followed: $at(4.5))));
        self::assertSame('followed-f1', self::keys(self::facts(followed: $at(1.0), gearLost: 5))[0], 'it will not wait');
    }

    public function test_gear_lost_is_counted_against_what_is_risked(): void
    {
        self::assertNotContains('gear-1', self::keys(self::facts(gearLost: 1)));
        self::assertStringStartsWith('2 rigs are lost', self::said('gear-2', self::facts(gearLost: 2))[1]);
        self::assertContains('gear-3', self::keys(self::facts(gearLost: 3)), 'one more is said again');
    }

    public function test_a_bite_is_gone_back_over_while_it_is_fresh_and_far_enough_behind(): void
    {
        $here = new Place(45.0, -38.0);
        $bite = static fn (float $minutes, float $away, Outcome $outcome = Outcome::Landed): array => [self::bite(
            1, at: self::NOW - 60.0 * $minutes, outcome: $outcome, place: $here->moved(0.0, -$away), heading: 312.0,
        )];
        $said = self::said('back-1', self::facts($bite(8, 400), place: $here));
        self::assertStringContainsString('1312 ft on 180°, and over it heading 312°', $said[0]);
        self::assertStringContainsString('P3 was bitten 8 min ago at 65 ft', $said[1]);
        foreach ([$bite(8, 50), $bite(40, 400), $bite(8, 400, Outcome::Missed)] as $bites) {
            self::assertNotContains('back-1', self::keys(self::facts($bites, place: $here)));
        }
        self::assertNotContains('back-1', self::keys(self::facts($bite(8, 400))), 'nobody knows where she is');
    }

    public function test_nuisance_fish_on_bait_say_bait_off(): void
    {
        $bait = new Rod('C1', 'natural', true, 20.0, 1.0);
        $small = static fn (int $i, float $minutes): Bitten => self::bite(
            $i, at: self::NOW - 60.0 * $minutes, outcome: Outcome::Landed, species: 'walleye', bait: true,
        );
        $said = self::said('nuisance', self::facts([$small(1, 25), $small(2, 12), $small(3, 3)], [$bait]));
        self::assertSame('Bait off, bare hardware on: C1.', $said[0]);
        self::assertNotContains('nuisance', self::keys(self::facts([$small(1, 35), $small(2, 12), $small(3, 3)], [$bait])));
        self::assertNotContains('nuisance', self::keys(self::facts([$small(1, 25), $small(2, 12), $small(3, 3)])), 'no bait');
        $wanted = array_map(static fn (int $i): Bitten => self::bite($i, species: 'king', bait: true), [1, 2, 3]);
        self::assertNotContains('nuisance', self::keys(self::facts($wanted, [$bait])));
    }

    public function test_two_bites_on_a_finish_are_worth_about_half_of_the_like_rods(): void
    {
        $rods = array_map(static fn (string $code): Rod => new Rod($code, $code === 'P3' ? 'green' : 'white', false, 20.0, 1.0), [
            'P1', 'P2', 'P3', 'P4', 'P5',
        ]);
        $green = [self::bite(1, finish: 'green'), self::bite(2, finish: 'green')];
        self::assertSame(
            'green on about half of the like rods: P1, P2.', self::said('finish-green', self::facts($green, $rods))[0],
        );
        self::assertStringStartsWith('2 bites on it. A third', self::said('finish-green', self::facts($green, $rods))[1]);
        $fished = new Facts(
            self::NOW, null, $green, $rods, ['king'], [], null, null, null, null, null,
            finishHours: ['green' => 2.0, 'silver' => 10.0, 'glow' => 0.0],
        );
        self::assertMatchesRegularExpression(
            '/^2 bites on it, 0\.\d an hour of one line \(0\.\d–\d\.\d\) against 0\.0 on the others\. A third goes on testing/',
            self::said('finish-green', $fished)[1],
        );
        self::assertNotContains('finish-green', self::keys(self::facts([$green[0]], $rods)));
    }

    public function test_the_sun_moves_a_band_from_under_lines_that_were_in_it(): void
    {
        $band = ['species' => 'king', 'top' => 20.0, 'bottom' => 26.0, 'was' => [12.0, 26.0]];
        $rods = [new Rod('P3', 'x', false, 14.0, 2.0), new Rod('P4', 'x', false, 19.0, 2.0), new Rod('P1', 'x', false, 3.0, 1.0)];
        $said = self::said('light-king-20-26', self::facts(rods: $rods, bands: [$band]));
        self::assertSame('P3 to 66 ft.', $said[0], 'P4 is in it by its doubt, P1 never was');
        // Under cloud a band goes up: what it left above goes down to its top, what it left below comes up to its foot.
        $both = [new Rod('P3', 'x', false, 12.0, 0.5), new Rod('S5', 'x', false, 29.0, 0.5)];
        $narrowed = ['top' => 16.0, 'bottom' => 24.0, 'was' => [11.0, 30.0]] + $band;
        self::assertSame(
            ['light-king-16-24', 'light-king-16-24-up'], self::keys(self::facts(rods: $both, bands: [$narrowed])),
        );
        self::assertSame('S5 to 79 ft.', self::said('light-king-16-24-up', self::facts(rods: $both, bands: [$narrowed]))[0]);
        self::assertStringContainsString('king from 39–85 ft to 66–85 ft', $said[1]);
        self::assertSame([], self::keys(self::facts(rods: $rods, bands: [['was' => [18.6, 26.0]] + $band])), 'a hand’s breadth');
    }

    public function test_slack_changes_depth_then_speed_then_lure_and_a_bite_begins_anew(): void
    {
        $quiet = static fn (float $minutes): array => self::keys(self::facts(
            [self::bite(7, at: self::NOW - 60.0 * $minutes)], [new Rod('P3', 'x', false, 14.0, 2.0)],
        ));
        self::assertSame([], $quiet(39));
        self::assertSame(['slack-7-0'], $quiet(41));
        self::assertSame(['slack-7-1'], $quiet(61));
        self::assertSame(['slack-7-2'], $quiet(81));
        self::assertSame(['slack-7-2'], $quiet(300));
        self::assertSame([], self::keys(self::facts()), 'no line was ever set');
    }

    public function test_no_rod_is_sent_through_the_ground_or_over_the_water(): void
    {
        $said = static fn (Rod ...$rods): string => self::said('slack-7-0', self::facts(
            [self::bite(7, at: self::NOW - 41 * 60.0)], array_values($rods),
        ))[0];
        $rod = static fn (
            string $holder, float $depth, float $under, Side $side = Side::Port, bool $bottom = false,
        ): Rod => new Rod(
            $holder, 'x', false, $depth, 0.2, $side, $under, $bottom,
        );
        self::assertStringContainsString('P3 deeper by 10 ft', $said($rod('P3', 14.0, 40.0), $rod('P4', 38.0, 40.0)));
        self::assertStringContainsString('P4 shallower by 10 ft', $said($rod('P4', 12.0, 14.0)));
        self::assertStringContainsString(
            'S3 deeper', $said($rod('P3', 4.3, 4.3, bottom: true), $rod('S3', 9.0, 40.0, Side::Starboard)),
        );
        // Fourteen feet of water, bouncers and a line at the top: nothing to change in depth.
        $shallow = [$rod('P3', 4.3, 4.3, bottom: true), $rod('P4', 2.0, 4.3)];
        self::assertSame(['slack-7-1'], self::keys(self::facts([self::bite(7, at: self::NOW - 41 * 60.0)], $shallow)));
    }

    public function test_warm_water_is_said_of_each_fished_for(): void
    {
        self::assertContains('warm-king', self::keys(self::facts(surface: 20.5)));
        self::assertNotContains('warm-king', self::keys(self::facts(surface: 19.9)));
        self::assertNotContains('warm-king', self::keys(self::facts()));
    }

    public function test_what_was_answered_is_never_said_again(): void
    {
        $facts = self::facts(surface: 25.0, made: 0.1, speed: 1.0, heading: 0.0);
        $keys = self::keys($facts);
        self::assertGreaterThanOrEqual(2, count($keys));
        self::assertSame(array_slice($keys, 1), self::keys($facts, [$keys[0]]));
        self::assertSame([], self::keys($facts, $keys));
    }

    /**
     * @param  list<Bitten>  $bites
     * @param  list<Rod>  $rods
     * @param  list<array{species: string, top: float, bottom: float, was: array{float, float}}>  $bands
     * @param  ?array{id: string, at: float}  $followed
     */
    private static function facts(
        array $bites = [], array $rods = [], array $bands = [], ?float $made = null, ?float $speed = null,
        ?float $heading = null, ?float $surface = null, ?Place $place = null, ?array $followed = null, int $gearLost = 0,
    ): Facts {
        return new Facts(
            self::NOW, null, $bites, $rods, ['king'], $bands, $made, $speed, $heading, $surface, $place, $followed, $gearLost,
        );
    }

    /** @param  ?array{float, float, float, float}  $through */
    private static function bite(
        int $id, float $at = self::NOW - 60.0, ?Side $side = Side::Port, Outcome $outcome = Outcome::Landed,
        ?string $species = 'king', string $finish = '', bool $bait = false, ?Side $turn = null, ?float $heading = null,
        ?Place $place = null, ?array $through = null,
    ): Bitten {
        return new Bitten(
            (string) $id, $at, 'P3', $side, $outcome, $species, $finish, $bait, $turn, 19.8, $heading, $place, $through,
        );
    }

    /**
     * @param  list<string>  $answered
     * @return list<string>
     */
    private static function keys(Facts $facts, array $answered = []): array
    {
        return array_column(self::changes($facts, $answered), 'key');
    }

    /** @return array{string, string} what, and why */
    private static function said(string $key, Facts $facts): array
    {
        $change = array_column(self::changes($facts), null, 'key')[$key] ?? self::fail("{$key} is not said");

        return [$change->do->in(Units::Us), $change->why->in(Units::Us)];
    }

    /**
     * @param  list<string>  $answered
     * @return list<Change>
     */
    private static function changes(Facts $facts, array $answered = []): array
    {
        $care = RuleBook::of(FishCare::rules());

        return (new Changes(RuleBook::of(ChangeRules::rules()), $care, 0.5 * Units::MPH))->of($facts, $answered);
    }
}
