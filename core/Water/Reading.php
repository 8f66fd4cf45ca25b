<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Fish\FishCare;
use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Box\TackleAdvice;
use Admek\Core\Water\Signs\WaterSigns;

/** What the water says to do: how fast, with which leaders and finishes, how far from the boat, and how to treat the fish. */
final readonly class Reading
{
    /**
     * @param  list<Band>  $bands  in order of priority
     * @param  list<Species>  $species  in order of priority
     * @param  array<string, string>  $schools  chosen, by the advice's key
     * @param  ?float  $sun  degrees up as lines go in; null where it is not known
     */
    public function __construct(
        private WaterSigns $signs,
        private array $bands,
        private array $species,
        private RuleBook $habits,
        private RuleBook $rules,
        private RuleBook $care,
        private array $schools = [],
        private ?float $sun = null,
    ) {
    }

    /** @return list<Advice> */
    public function advice(): array
    {
        return array_values(array_filter([
            ...(new TemperatureAdvice($this->signs, $this->rules))->advice(),
            Pace::of($this->species, $this->bands, $this->signs, $this->habits, $this->rules)?->advice(),
            ...(new Promise($this->signs, $this->bands, $this->rules, $this->schools))->advice(),
            $this->bunch(),
            $this->test(),
            ...(new TackleAdvice(
                $this->signs, $this->bands, $this->species, $this->rules, $this->schools, $this->sun,
            ))->advice(),
            $this->current(),
            ...$this->care(),
        ]));
    }

    private function bunch(): ?Advice
    {
        $marks = $this->signs->marks;
        if ($marks->none()) {
            return null;
        }

        return $marks->tight()
            ? new Advice(
                'bunch',
                'marks',
                Sentence::of('Stop on them'),
                Sentence::of(
                    'Most of {fish} marked fish are in a bunch: mark the place and work it, do not troll past.',
                    ['fish' => $marks->fish()],
                ),
            )
            : new Advice(
                'bunch',
                'marks',
                Sentence::of('Cover ground'),
                Sentence::of(
                    '{fish} marked, scattered: troll over them until something bites twice.',
                    ['fish' => $marks->fish() === 1 ? 'One fish' : "{$marks->fish()} fish"],
                ),
            );
    }

    /** Suspended high is often but not always active. */
    private function test(): ?Advice
    {
        $lifted = $this->signs->marks->lifted($this->signs->bottom, $this->rules);
        $spread = $lifted->spread();
        $bottom = $this->signs->bottom;
        if ($spread === null || $bottom === null || $bottom - $spread['bottom'] < $this->rules->get('high')) {
            return null;
        }

        return new Advice(
            'test',
            'test',
            Sentence::of(
                'One test line near bottom, {depth}', ['depth' => [Quantity::Depth, $bottom - $this->rules->get('least_band')]],
            ),
            Sentence::of(
                'Fish high off bottom, here {off}, are often but not always the ones that feed: try the other level before '
                    .'moving every rod.',
                ['off' => [Quantity::Depth, $bottom - $spread['bottom']]],
            ),
        );
    }

    private function current(): ?Advice
    {
        [$surface, $deep] = [$this->signs->currentSurface, $this->signs->currentDeep];
        if ($surface === null && $deep === null) {
            return null;
        }
        if ($surface === null || $deep === null) {
            return new Advice(
                'current',
                'current',
                Sentence::of('Current known at one depth only'),
                Sentence::of('What the gear feels may differ from the log by as much as it: tell the other, and every depth '
                    .'follows.'),
            );
        }
        $apart = abs($surface - $deep);

        return $apart < $this->rules->get('alike')
            ? new Advice(
                'current',
                'current',
                Sentence::of('Gear feels what the log shows'),
                Sentence::of('Surface and deep current differ by {apart} only.', ['apart' => [Quantity::Speed, $apart]]),
            )
            : new Advice(
                'current',
                'current',
                Sentence::of('Gear feels up to {apart} otherwise', ['apart' => [Quantity::Speed, $apart]]),
                Sentence::of(
                    'Current {surface} at the surface, {deep} at depth: the spread, its card and Watch run by it.',
                    ['surface' => [Quantity::Speed, $surface], 'deep' => [Quantity::Speed, $deep]],
                ),
            );
    }

    /** @return list<Advice> one for all that one warm-water rule holds for */
    private function care(): array
    {
        $deepest = [];
        foreach ($this->bands as $band) {
            $deepest[$band->species->value] = $band->bottom;
        }

        return array_map(
            fn (array $species): Advice => new Advice(
                'care_'.$species[0]->value,
                'care',
                Sentence::of('Release of {names}', ['names' => FishCare::named($species)]),
                FishCare::advice($species, $this->care, $this->signs->warmth(), $deepest),
            ),
            FishCare::together($this->species),
        );
    }
}
