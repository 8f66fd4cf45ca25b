<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Admek\Core\Books\Book;
use Admek\Core\Fish\Species;
use Admek\Core\Patterns\Rate;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Parts\Finish;
use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use Admek\Core\Water\Advice;
use Admek\Core\Water\BaitSchools;
use Admek\Core\Water\Box\BoxedLure;
use Admek\Core\Water\Box\LureBox;
use Admek\Core\Water\Box\RankedLure;
use Admek\Core\Water\Box\TackleAdvice;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Marks;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\WaterSigns;
use Admek\Core\Water\TargetBands;
use PHPUnit\Framework\TestCase;

final class LureBoxTest extends TestCase
{
    private const FOOT = Units::FOOT;

    public function test_clear_and_bright_wants_bait_and_stained_wants_what_shouts(): void
    {
        $clear = $this->names($this->signs(Clarity::Clear, Sky::Clear), [Species::King]);
        $stained = $this->names($this->signs(Clarity::Stained, Sky::Overcast), [Species::King]);
        self::assertSame('Silver Magnum', $clear[0]);
        self::assertSame('Copper Magnum', $stained[0]);
        self::assertLessThan(array_search('Copper Spoon', $clear, true), array_search('Silver Spoon', $clear, true));
        self::assertLessThan(array_search('Silver Spoon', $stained, true), array_search('Copper Spoon', $stained, true));
    }

    public function test_another_species_turns_the_box_over(): void
    {
        self::assertSame('Harness', $this->names($this->signs(), [Species::Walleye])[0]);
        self::assertSame('Crow Tail', $this->names($this->signs(), [Species::Muskie])[0]);
        self::assertContains(array_search('Harness', $this->names($this->signs(), [Species::King]), true), [8, 9, 10, 11]);
    }

    public function test_larger_as_the_water_cools_for_muskie_and_small_in_cold_spring_shallows(): void
    {
        $muskie = static fn (Season $season): WaterSigns => new WaterSigns($season, null, new Marks([]), 8.0);
        $plugs = [
            new BoxedLure(new DescribedLure('Short plug', LureKind::BigPlug, ''), 0.08),
            new BoxedLure(new DescribedLure('Long plug', LureKind::BigPlug, ''), 0.28),
        ];
        $order = fn (Season $season, Species $species): array => array_map(
            static fn (RankedLure $one): float => $one->score,
            $this->box($muskie($season), [$species])->inOrder($plugs),
        );
        [$long, $short] = $order(Season::Autumn, Species::Muskie);
        self::assertSame(2.0, $long - $short);
        self::assertCount(1, array_unique($order(Season::Summer, Species::Muskie)));
        $spring = $this->box($muskie(Season::Spring), [Species::BrownTrout])->inOrder($plugs);
        self::assertSame('Short plug', $spring[0]->boxed->lure->name);
        self::assertStringContainsString('short lead', $this->said($spring[0]));
    }

    public function test_the_page_and_the_box_ask_for_the_same_finish(): void
    {
        $black = new BoxedLure(new DescribedLure('Black', LureKind::MediumSpoon, 'black'));
        $copper = new BoxedLure(new DescribedLure('Copper', LureKind::MediumSpoon, 'copper'));
        $score = static fn (WaterSigns $signs, ?float $sun, BoxedLure $lure): float => (new LureBox(
            $signs, [], [], $sun, BaitSchools::usual($signs), Book::Reading->of(),
        ))->inOrder([$lure])[0]->score;
        $said = static fn (WaterSigns $signs, ?float $sun): string => implode(' ', array_map(
            static fn (Advice $one): string => $one->answer->in(Units::Us), array_values(array_filter(
                (new TackleAdvice($signs, [], [], Book::Reading->of(), [], $sun))->advice(),
                static fn (Advice $one): bool => $one->key === 'finish',
            )),
        ));
        $clear = $this->signs(Clarity::Clear, Sky::Clear);
        self::assertSame('Natural: silver, blue, black-based', $said($clear, 40.0));
        self::assertGreaterThan(0.0, $score($clear, 40.0, $black), 'black-based is what the page says');
        self::assertLessThan(0.0, $score($clear, 40.0, $copper));
        // Before the sun is up it is low light in whatever water.
        self::assertStringStartsWith('Glow, or dark while the sun is low; then natural', $said($clear, -8.0));
        self::assertGreaterThan(0.0, $score($clear, -8.0, $black));
        self::assertSame(0.0, $score($clear, -8.0, $copper));
    }

    public function test_both_schools_of_bait(): void
    {
        $signs = new WaterSigns(Season::Summer, null, new Marks([]), 30.0, Clarity::Clear, forage: Forage::Slender);
        $lures = [
            new BoxedLure(new DescribedLure('Like', LureKind::MediumSpoon, 'silver'), null, Forage::Slender),
            new BoxedLure(new DescribedLure('Unlike', LureKind::MediumSpoon, 'silver'), null, Forage::Barred),
            new BoxedLure(new DescribedLure('Unsaid', LureKind::MediumSpoon, 'silver')),
        ];
        $names = fn (string $school): array => array_map(
            static fn (RankedLure $one): string => $one->boxed->lure->name,
            (new LureBox($signs, [], [Species::Coho], null, $school, Book::Reading->of()))->inOrder($lures),
        );
        self::assertSame(['Like', 'Unlike', 'Unsaid'], $names(BaitSchools::MATCH));
        self::assertSame(['Unlike', 'Like', 'Unsaid'], $names(BaitSchools::STAND_OUT));
        self::assertSame([BaitSchools::MATCH, BaitSchools::STAND_OUT], [
            BaitSchools::usual($signs), BaitSchools::usual(new WaterSigns(Season::Summer, clarity: Clarity::Stained)),
        ]);
        $schools = BaitSchools::advice($signs, 'stand_out')->schools ?? [];
        self::assertSame([false, true], array_column($schools, 'chosen'));
        self::assertNull(BaitSchools::advice($this->signs(), null), 'nobody has said what bait there is');
    }

    public function test_the_own_record_weighs_as_much_as_it_brings_all_else_alike(): void
    {
        $rate = static fn (?float $times): Rate => new Rate('', 20.0, 5, 0.25, 0.2, 0.3, $times, 0.8, 1.9);
        $lead = function (?float $times) use ($rate): float {
            $scores = [];
            foreach ($this->box($this->signs(), [Species::King])->inOrder([
                new BoxedLure(new DescribedLure('Proven', LureKind::MediumSpoon, ''), record: $rate($times)),
                new BoxedLure(new DescribedLure('Steady', LureKind::MediumSpoon, '')),
            ]) as $one) {
                $scores[$one->boxed->lure->name] = $one->score;
            }

            return $scores['Proven'] - $scores['Steady'];
        };
        self::assertEqualsWithDelta(0.0, $lead(1.0), 1e-9);
        self::assertEqualsWithDelta(0.0, $lead(null), 1e-9, 'nothing to tell it from');
        self::assertGreaterThan($lead(1.3), $lead(1.8));
        self::assertEqualsWithDelta($lead(2.0), -$lead(0.5), 1e-9);
        self::assertLessThanOrEqual(4.0, $lead(50.0), 'no record outweighs everything else');
        $one = $this->box($this->signs(), [Species::King])->inOrder(
            [new BoxedLure(new DescribedLure('Proven', LureKind::MediumSpoon, ''), record: $rate(1.3))],
        )[0];
        self::assertStringContainsString(
            'Your log: 5 bites in 20 line-hours; all else alike ×1.3 (0.8–1.9).', $this->said($one),
        );
    }

    public function test_the_first_four_are_of_four_finishes_and_what_comes_next_is_of_another_family(): void
    {
        $order = $this->box($this->signs(Clarity::Clear), [Species::King])->inOrder($this->lures());
        $first = LureBox::firstFour($order);
        self::assertCount(4, $first);
        self::assertSame($order[0], $first[0]);
        self::assertCount(4, array_unique(array_map(static fn (RankedLure $one): string => $one->boxed->lure->finish, $first)));
        $next = LureBox::whenTheyDoNot($order, $first);
        self::assertNotNull($next);
        self::assertNotContains(
            $next->boxed->lure->kind, array_map(static fn (RankedLure $one): LureKind => $one->boxed->lure->kind, $first),
        );
        self::assertSame([[], null], [LureBox::firstFour([]), LureBox::whenTheyDoNot([], [])]);
        $alike = array_map(
            static fn (int $i): BoxedLure => new BoxedLure(new DescribedLure("Spoon {$i}", LureKind::MediumSpoon, 'silver')),
            range(1, 5),
        );
        $order = $this->box($this->signs(), [Species::King])->inOrder($alike);
        self::assertCount(4, LureBox::firstFour($order), 'of one finish, if there is no other');
    }

    public function test_finishes_are_told_from_a_captain_s_own_words(): void
    {
        self::assertSame([Finish::Glow, Finish::Dark], Finish::in('Black and glow'));
        self::assertSame([Finish::Loud, Finish::Natural], Finish::in('hammered copper/pearl'));
        self::assertSame([], Finish::in('Grandfather’s'));
        self::assertSame([], Finish::in('redwood'), 'whole words only');
    }

    /** @return list<BoxedLure> */
    private function lures(): array
    {
        return array_map(
            static fn (array $lure): BoxedLure => new BoxedLure(new DescribedLure(...$lure)),
            [
                ['Silver Magnum', LureKind::MagnumSpoon, 'silver'], ['Copper Magnum', LureKind::MagnumSpoon, 'copper'],
                ['Silver Spoon', LureKind::MediumSpoon, 'silver and blue'], ['Copper Spoon', LureKind::MediumSpoon, 'gold'],
                ['Night Spoon', LureKind::MediumSpoon, 'black and glow'], ['Small', LureKind::SmallSpoon, 'silver'],
                ['Minnow', LureKind::LongMinnow, 'perch'], ['Plug', LureKind::DeepPlug, 'chalk'],
                ['Bait', LureKind::RiggedBait, 'fresh cut'], ['Harness', LureKind::WormHarness, 'copper'],
                ['Crow Tail', LureKind::Bucktail, 'crow black'], ['Old Pike', LureKind::BigPlug, 'pike barred'],
            ],
        );
    }

    /**
     * @param  list<Species>  $species
     * @return list<string>
     */
    private function names(WaterSigns $signs, array $species): array
    {
        return array_map(
            static fn (RankedLure $one): string => $one->boxed->lure->name, $this->box($signs, $species)->inOrder($this->lures()),
        );
    }

    /** @param  list<Species>  $species */
    private function box(WaterSigns $signs, array $species): LureBox
    {
        $bands = (new TargetBands($signs, Book::Habits->of(), Book::Reading->of()))->for($species);

        return new LureBox($signs, $bands, $species, 30.0, BaitSchools::usual($signs), Book::Reading->of());
    }

    private function signs(?Clarity $clarity = null, ?Sky $sky = null): WaterSigns
    {
        return new WaterSigns(Season::Summer, null, new Marks([]), 60 * self::FOOT, $clarity, $sky);
    }

    private function said(RankedLure $one): string
    {
        return implode(' ', array_map(static fn (Sentence $reason): string => $reason->in(Units::Us), $one->reasons));
    }
}
