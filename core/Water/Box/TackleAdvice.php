<?php

declare(strict_types=1);

namespace Admek\Core\Water\Box;

use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Advice;
use Admek\Core\Water\BaitSchools;
use Admek\Core\Water\Band;
use Admek\Core\Water\ReadingRules;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Surface;
use Admek\Core\Water\Signs\WaterSigns;

/** What clarity, sky and surface say of leaders, finishes and how far from the boat to fish. */
final readonly class TackleAdvice
{
    /**
     * @param  list<Band>  $bands  in order of priority
     * @param  list<Species>  $species  in order of priority
     * @param  RuleBook  $rules  of {@see ReadingRules}
     * @param  array<string, string>  $schools  chosen, by the advice's key
     * @param  ?float  $sun  degrees up as lines go in; null where it is not known
     */
    public function __construct(
        private WaterSigns $signs,
        private array $bands,
        private array $species,
        private RuleBook $rules,
        private array $schools,
        private ?float $sun = null,
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
        $leader = WaterLeader::of($this->signs, $this->rules, $this->schools);
        if ($leader === null) {
            return null;
        }
        $fluorocarbon = $leader->material === Material::Fluorocarbon;

        return new Advice(WaterLeader::KEY, 'leader', Sentence::of(
            '{length} of {material}',
            ['length' => [Quantity::Leader, $leader->length], 'material' => $leader->material->word()],
        ), Sentence::of(match ($this->signs->clarity) {
            Clarity::Clear => 'Clear water: hardware is seen from afar, the lure must be clear of it.',
            Clarity::Tinted => 'Tinted water: long enough to look free, short enough to be found.',
            Clarity::Stained, null => 'Stained water: close behind what flashes and thumps, or it is not found.',
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
        $first = $this->species[0] ?? null;
        if ($first === null || ! $first->isSalmonid() || ! $this->signs->isColdShallows($this->rules)) {
            return null;
        }

        return new Advice(
            'shallows', 'leader', Sentence::of('Flat lines with the tip at the water, small lures, short leads'),
            Sentence::of(
                'In cold shallows of {bottom} a tip at the water is all the depth that is wanted, and what they eat is small.',
                ['bottom' => [Quantity::Depth, $this->signs->bottom ?? 0.0]],
            ),
        );
    }

    private function finish(): ?Advice
    {
        $finish = WaterFinish::at($this->signs, null);
        if ($finish === null || $this->signs->clarity === null) {
            return null;
        }
        $dark = $this->rules->get('dark');
        $deepest = array_reduce($this->bands, static fn (float $deep, Band $band): float => max($deep, $band->bottom), 0.0);
        $first = WaterFinish::isLow($this->sun) ? WaterFinish::at($this->signs, $this->sun) : null;

        return new Advice(
            'finish', 'finish',
            Sentence::of($first === null
                ? $finish->family : "{$first->family} while the sun is low; then ".lcfirst($finish->family)),
            Sentence::of(
                trim(($first === null ? '' : "{$first->why} ").$finish->why).(
                    $deepest > $dark && $this->signs->clarity !== Clarity::Stained
                        ? ' Below {dark} little colour is left: glow there.' : ''
                ),
                ['dark' => [Quantity::Depth, $dark]],
            ),
        );
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

    private function muskieLeads(): ?Advice
    {
        return in_array(Species::Muskie, $this->species, true)
            ? MuskieLeads::advice($this->signs, $this->rules, $this->schools) : null;
    }
}
