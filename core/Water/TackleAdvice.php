<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** What clarity, sky and surface say of leaders, finishes and how far from the boat to fish. */
final readonly class TackleAdvice
{
    /**
     * @param  list<Band>  $bands  in order of priority
     * @param  list<Species>  $species  in order of priority
     * @param  RuleBook  $rules  of {@see ReadingRules}
     * @param  array<string, string>  $schools  chosen, by the advice's key
     */
    public function __construct(
        private WaterSigns $signs,
        private array $bands,
        private array $species,
        private RuleBook $rules,
        private array $schools,
    ) {
    }

    /** @return list<Advice> */
    public function advice(): array
    {
        return array_values(array_filter([
            $this->leader(), $this->hardware(), $this->shallows(), $this->finish(),
            BaitSchools::advice($this->signs, $this->schools['bait'] ?? null), $this->distance(),
            $this->muskieLeads(),
        ]));
    }

    private function leader(): ?Advice
    {
        $clarity = $this->signs->clarity;
        if ($clarity === null) {
            return null;
        }
        $fluorocarbon = ($this->schools['leader'] ?? 'fluorocarbon') === 'fluorocarbon';

        return new Advice('leader', 'leader', Sentence::of(
            '{length} of {material}',
            [
                'length' => [Quantity::Leader, $this->rules->get("leader_{$clarity->value}")],
                'material' => $fluorocarbon ? 'fluorocarbon' : 'nylon',
            ],
        ), Sentence::of(match ($clarity) {
            Clarity::Clear => 'Clear water: hardware is seen from afar, the lure must be clear of it.',
            Clarity::Tinted => 'Tinted water: long enough to look free, short enough to be found.',
            Clarity::Stained => 'Stained water: close behind what flashes and thumps, or it is not found.',
        }), [
            [
                'key' => 'fluorocarbon',
                'label' => 'fluorocarbon',
                'why' => 'sinks, and hides; a slow bait runs a little deeper',
                'chosen' => $fluorocarbon,
            ],
            [
                'key' => 'nylon',
                'label' => 'nylon',
                'why' => 'floats a slow bait up, and gives when a fish surges',
                'chosen' => ! $fluorocarbon,
            ],
        ]);
    }

    /** Salmon that hold on a river's bed are not called from afar: they take what drifts to them. */
    private function hardware(): ?Advice
    {
        $warmth = $this->signs->warmth();
        $first = $this->species[0] ?? null;
        if (
            $first === null || ! $first->runsRivers() || ! $this->signs->isRiver($this->rules)
            || ($this->bands[0]->from ?? '') !== 'bottom'
        ) {
            return null;
        }
        $cold = $warmth !== null && $warmth < $this->rules->get('bare_bait');

        return new Advice('hardware', 'leader', Sentence::of(
            $cold ? 'Bait alone, on a dropper' : 'Bait behind a spinner, or a flasher on a short bumper',
        ), Sentence::of(
            'Holding on a river bed they save their strength, and the colder it is the less they follow: below {bare} leave the '
                .'hardware off.',
            ['bare' => [Quantity::Temperature, $this->rules->get('bare_bait')]],
        ));
    }

    /** Where cold spring shallows are the warmest water there is. */
    private function shallows(): ?Advice
    {
        [$bottom, $warmth] = [$this->signs->bottom, $this->signs->warmth()];
        $first = $this->species[0] ?? null;
        if (
            $first === null || ! $first->isSalmonid() || $this->signs->season !== Season::Spring
            || $this->signs->isRiver($this->rules) || $bottom === null || $bottom > $this->rules->get('shallow')
            || $warmth === null || $warmth > $this->rules->get('cold_shallows')
        ) {
            return null;
        }

        return new Advice(
            'shallows', 'leader', Sentence::of('Flat lines with the tip at the water, small lures, short leads'),
            Sentence::of(
                'In cold shallows of {bottom} a tip at the water is all the depth that is wanted, and what they eat is small.',
                ['bottom' => [Quantity::Depth, $bottom]],
            ),
        );
    }

    private function finish(): ?Advice
    {
        [$clarity, $sky] = [$this->signs->clarity, $this->signs->sky];
        if ($clarity === null) {
            return null;
        }
        $dark = $this->rules->get('dark');
        $deepest = array_reduce($this->bands, static fn (float $deep, Band $band): float => max($deep, $band->bottom), 0.0);
        [$family, $why] = match (true) {
            $clarity === Clarity::Stained => [
                'Loud: glow, gold, copper, hot colours', 'Stained water swallows all that does not shine or shout.',
            ],
            $sky === Sky::Overcast => ['Loud to middling: copper, glow, green', 'Little light comes through cloud and tint.'],
            $clarity === Clarity::Clear => [
                'Natural: silver, blue, black-based', 'Clear and bright they see all of it: nothing that is not a fish.',
            ],
            default => ['Half natural, half loud', 'Between clear and stained the fish decide: one of each a side.'],
        };

        return new Advice('finish', 'finish', Sentence::of($family), $deepest > $dark && $clarity !== Clarity::Stained
            ? Sentence::of("{$why} Below {dark} little colour is left: glow there.", ['dark' => [Quantity::Depth, $dark]])
            : Sentence::of($why));
    }

    private function distance(): ?Advice
    {
        [$clarity, $surface] = [$this->signs->clarity, $this->signs->surface];
        if ($clarity === null || $surface === null) {
            return null;
        }
        $shy = $clarity === Clarity::Clear && $surface !== Surface::Rough;
        $bold = $clarity === Clarity::Stained || $surface === Surface::Rough;

        return new Advice('distance', 'distance', Sentence::of(match (true) {
            $shy => 'Far from the boat, on boards',
            $bold => 'Close is good, the wash too',
            default => 'Middling: boards out, some lines close',
        }), Sentence::of(match (true) {
            $shy => 'Clear water and a {surface} surface: the boat is seen and heard, most in shallow water.',
            $bold => '{clarity} water, {surface} surface: they are not shy, and churned water draws some.',
            default => '{clarity} water, {surface} surface: try both.',
        }, ['clarity' => ucfirst($clarity->value), 'surface' => $surface->word()]));
    }

    /** Short in the wash and long are both schools of practice. */
    private function muskieLeads(): ?Advice
    {
        if (! in_array(Species::Muskie, $this->species, true)) {
            return null;
        }
        $warmth = $this->signs->warmth();
        $default = match (true) {
            $this->signs->clarity === Clarity::Stained || (
                $warmth !== null && $warmth > $this->rules->get('warm_wash')
            ) => 'short',
            $this->signs->clarity === Clarity::Clear && $this->signs->surface === Surface::Calm => 'long',
            default => 'mixed',
        };
        $chosen = $this->schools['muskie_leads'] ?? $default;

        $schools = [
            'short' => 'churned water draws them, and a short line sets the hook',
            'long' => 'away from the boat they have forgotten it',
            'mixed' => 'let the fish say',
        ];

        return new Advice('muskie_leads', 'leader', Sentence::of(match ($chosen) {
            'short' => 'Muskie on {short#} to {shortTo}, in the wash',
            'long' => 'Muskie on {long#} to {longTo}',
            default => 'Muskie on both: half short in the wash, half long',
        }, [
            'short' => [Quantity::Length, $this->rules->get('muskie_short_from')],
            'shortTo' => [Quantity::Length, $this->rules->get('muskie_short_to')],
            'long' => [Quantity::Length, $this->rules->get('muskie_long_from')],
            'longTo' => [Quantity::Length, $this->rules->get('muskie_long_to')],
        ]), Sentence::of(match ($default) {
            'short' => 'Stained, warm or weedy water makes the short lead the better guess.',
            'long' => 'Clear and calm makes the long lead the better guess.',
            default => 'Nothing speaks for one of them: run both and see.',
        }), array_map(
            static fn (string $key, string $why): array => [
                'key' => $key, 'label' => $key, 'why' => $why, 'chosen' => $key === $chosen,
            ],
            array_keys($schools), $schools,
        ));
    }
}
