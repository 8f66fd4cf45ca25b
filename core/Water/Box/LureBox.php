<?php

declare(strict_types=1);

namespace Admek\Core\Water\Box;

use Admek\Core\Fish\LureFamilies;
use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Tackle\Parts\Finish;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\BaitSchools;
use Admek\Core\Water\Band;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\WaterSigns;

/**
 * The lure box put in order for one water: family by species, finish by clarity and light, size by season, bait by school, and
 * the boat's own record weighed by how much of it there is. Points are the captain's to overrule; each says why (docs/rules.md).
 */
final readonly class LureBox
{
    /** Points of the family that is tried first for the first species, and what each place behind it costs. */
    private const FAMILY = [3.0, 0.5];

    /** Points of a family that a species does not take. */
    private const STRANGER = -3.0;

    private const FINISH = 1.5;

    /** Points of a finish the water hides, or shows up. */
    private const UNWANTED = -0.5;

    private const BAIT = 1.5;

    private const SIZE = 1.0;

    /** Points a lure's own record is worth where it brings twice as much as usual, all else alike. */
    private const RECORD = 2.0;

    private const FIRST = 4;

    /** m under which a lure is small, over which it is large. */
    private const SMALL = 0.09;

    private const LARGE = 0.2;

    /**
     * @param  list<Band>  $bands  in order of priority
     * @param  list<Species>  $species  in order of priority
     * @param  ?float  $sun  degrees up; null where it is not known
     * @param  string  $school  of {@see BaitSchools}
     * @param  RuleBook  $rules  of how the water is read
     */
    public function __construct(
        private WaterSigns $signs, private array $bands, private array $species, private ?float $sun, private string $school,
        private RuleBook $rules,
    ) {
    }

    /**
     * @param  list<BoxedLure>  $lures
     * @return list<RankedLure> the best first
     */
    public function inOrder(array $lures): array
    {
        $ranked = array_map($this->ranked(...), $lures);
        usort($ranked, static fn (RankedLure $a, RankedLure $b): int => [$b->score, $a->boxed->lure->name] <=> [
            $a->score, $b->boxed->lure->name,
        ]);

        return $ranked;
    }

    /**
     * The first four in the water: the best of the box, no two of one finish while another is as near.
     *
     * @param  list<RankedLure>  $order  of {@see inOrder()}
     * @return list<RankedLure>
     */
    public static function firstFour(array $order): array
    {
        $chosen = $finishes = [];
        foreach ([false, true] as $anyFinish) {
            foreach ($order as $one) {
                $finish = mb_strtolower($one->boxed->lure->finish);
                $new = $anyFinish || ! isset($finishes[$finish]);
                if ($new && count($chosen) < self::FIRST && ! in_array($one, $chosen, true)) {
                    $chosen[] = $one;
                    $finishes[$finish] = true;
                }
            }
        }

        return $chosen;
    }

    /**
     * What to try when those do not bite: the best of a family, or of a finish, that none of them has.
     *
     * @param  list<RankedLure>  $order
     * @param  list<RankedLure>  $first
     */
    public static function whenTheyDoNot(array $order, array $first): ?RankedLure
    {
        $families = array_map(static fn (RankedLure $one): LureKind => $one->boxed->lure->kind, $first);
        $rest = array_values(array_filter($order, static fn (RankedLure $one): bool => ! in_array($one, $first, true)));
        foreach ($rest as $one) {
            if (! in_array($one->boxed->lure->kind, $families, true) && $one->score > 0.0) {
                return $one;
            }
        }

        return $rest[0] ?? null;
    }

    private function ranked(BoxedLure $one): RankedLure
    {
        $points = array_values(array_filter([
            $this->family($one), $this->finish($one), $this->size($one), $this->bait($one), self::record($one),
        ]));
        usort($points, static fn (array $a, array $b): int => abs($b[0]) <=> abs($a[0]));

        return new RankedLure($one, array_sum(array_column($points, 0)), array_column($points, 1));
    }

    /** @return ?array{float, Sentence} */
    private function family(BoxedLure $one): ?array
    {
        foreach ($this->species as $place => $species) {
            $at = array_search($one->lure->kind, LureFamilies::for($species), true);
            if ($at !== false) {
                $points = (self::FAMILY[0] - self::FAMILY[1] * (int) $at) / (1 + $place);

                return [$points, Sentence::of($at === 0
                    ? 'A {family} is what {species} is tried with first.'
                    : '{species} take a {family} too.', [
                        'family' => $one->lure->kind->word(),
                        'species' => $at === 0 ? $species->label() : ucfirst($species->label()),
                    ])];
            }
        }

        return $this->species === [] ? null : [self::STRANGER, Sentence::of(
            'A {family} is seldom what {species} take.',
            ['family' => $one->lure->kind->word(), 'species' => $this->species[0]->label()],
        )];
    }

    /** @return ?array{float, Sentence} */
    private function finish(BoxedLure $one): ?array
    {
        $has = Finish::in($one->lure->finish);
        $deep = array_reduce($this->bands, static fn (float $most, Band $band): float => max($most, $band->top), 0.0);
        $is = static fn (Finish ...$any): bool => array_intersect(
            array_column($has, 'value'), array_column($any, 'value'),
        ) !== [];
        $wanted = WaterFinish::at($this->signs, $this->sun);

        return match (true) {
            $has === [] => null,
            $deep > $this->rules->get('dark') && $is(Finish::Glow) => [
                self::FINISH, Sentence::of('Glow: little colour is left so deep.'),
            ],
            $wanted === null => null,
            $wanted->for !== null && $is(...$wanted->wanted) => [($wanted->half ? 0.5 : 1.0) * self::FINISH, $wanted->for],
            $wanted->against !== null => [self::UNWANTED, $wanted->against],
            default => null,
        };
    }

    /** @return ?array{float, Sentence} */
    private function size(BoxedLure $one): ?array
    {
        $small = $one->size === null
            ? in_array($one->lure->kind, [LureKind::SmallSpoon, LureKind::SmallMinnow], true) : $one->size < self::SMALL;
        $large = $one->size === null
            ? in_array($one->lure->kind, [LureKind::BigPlug, LureKind::Bucktail, LureKind::MagnumSpoon], true)
            : $one->size > self::LARGE;
        $muskie = in_array(Species::Muskie, $this->species, true);
        $cooling = $this->signs->season === Season::Autumn || $this->signs->season === Season::Winter;
        $shallows = $this->signs->season === Season::Spring && $this->signs->bottom !== null
            && $this->signs->bottom <= $this->rules->get('shallow');

        return match (true) {
            $muskie && $cooling && $large => [self::SIZE, Sentence::of('Larger as the water cools: muskie feed up for winter.')],
            $muskie && $cooling && $small => [-self::SIZE, Sentence::of('Small for muskie in cooling water.')],
            $shallows && ! $muskie && $small => [self::SIZE, Sentence::of('Small for cold spring shallows, on a short lead.')],
            $shallows && ! $muskie && $large => [-self::SIZE, Sentence::of('Large for cold spring shallows.')],
            default => null,
        };
    }

    /** @return ?array{float, Sentence} */
    private function bait(BoxedLure $one): ?array
    {
        $bait = $this->signs->forage;
        if ($bait === null || $one->imitates === null) {
            return null;
        }
        $like = $one->imitates === $bait;

        return match (true) {
            $like && $this->school === BaitSchools::MATCH => [self::BAIT, Sentence::of(
                'It looks like what is there: {bait}.', ['bait' => $bait->word()],
            )],
            ! $like && $this->school === BaitSchools::STAND_OUT => [0.5 * self::BAIT, Sentence::of(
                'Unlike the {bait} round it, it stands out.', ['bait' => $bait->word()],
            )],
            default => null,
        };
    }

    /** @return ?array{float, Sentence} */
    private static function record(BoxedLure $one): ?array
    {
        $record = $one->record;
        if ($record === null || $record->times === null) {
            return null;
        }
        $points = self::RECORD * log($record->times, 2.0);

        return [max(-self::RECORD, min(self::RECORD, $points)), Sentence::of(
            'Your log: {bites} in {hours} line-hours; all else alike ×{times} ({low}–{high}).', [
                'bites' => $record->bites === 1 ? '1 bite' : "{$record->bites} bites", 'hours' => sprintf('%.0f', $record->hours),
                'times' => sprintf('%.1f', $record->times), 'low' => sprintf('%.1f', $record->timesLow ?? 0.0),
                'high' => sprintf('%.1f', $record->timesHigh ?? 0.0),
            ],
        )];
    }
}
