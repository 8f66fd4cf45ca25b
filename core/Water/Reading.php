<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Fish\FishCare;
use Admek\Core\Fish\Habits;
use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** What the water says to do: how fast, with which leaders and finishes, how far from the boat, and how to treat the fish. */
final readonly class Reading
{
    /**
     * @param  list<Band>  $bands  in order of priority
     * @param  list<Species>  $species  in order of priority
     * @param  array<string, string>  $schools  chosen, by the advice's key
     */
    public function __construct(
        private WaterSigns $signs,
        private array $bands,
        private array $species,
        private RuleBook $habits,
        private RuleBook $rules,
        private RuleBook $care,
        private array $schools = [],
    ) {
    }

    /** @return list<Advice> */
    public function advice(): array
    {
        return array_values(array_filter([
            $this->thermocline(),
            $this->change(),
            $this->speed(),
            ...(new Promise($this->signs, $this->bands, $this->rules))->advice(),
            $this->bunch(),
            $this->test(),
            $this->leader(),
            $this->finish(),
            $this->distance(),
            $this->muskieLeads(),
            $this->current(),
            ...$this->care(),
        ]));
    }

    private function thermocline(): ?Advice
    {
        $profile = $this->signs->profile;
        if ($profile === null) {
            return null;
        }
        $layer = $profile->thermocline($this->rules);
        $more = count($profile->layers($this->rules)) - 1;
        $spread = $profile->warmest() - $profile->coldest();

        return $layer === null
            ? new Advice(
                'thermocline',
                'temperature',
                Sentence::of('No thermocline'),
                Sentence::of(
                    'It cools by {spread} from top to bottom, nowhere fast enough to hold fish to a depth: look for warmer or '
                        .'colder water along the shore.',
                    ['spread' => [Quantity::TemperatureStep, $spread]],
                ),
            )
            : new Advice(
                'thermocline',
                'temperature',
                Sentence::of('Thermocline {top#} to {bottom}', self::layerFigures($layer)),
                Sentence::of(
                    'From {warm} to {cold}, at most {steepest}.'.(
                        $more > 0 ? ' Another break lies elsewhere in the column.' : ''
                    ),
                    self::layerFigures($layer),
                ),
            );
    }

    /** Against an earlier day: water that has come up, or settled. */
    private function change(): ?Advice
    {
        [$now, $then] = [$this->signs->profile, $this->signs->earlier];
        if ($now === null || $then === null || $now->surface() === null || $then->surface() === null) {
            return null;
        }
        $colder = $then->surface() - $now->surface();
        [$layer, $was] = [$now->thermocline($this->rules), $then->thermocline($this->rules)];
        $since = [
            'days' => $this->signs->earlierDays === 1 ? 'a day' : "{$this->signs->earlierDays} days",
            'by' => [Quantity::TemperatureStep, abs($colder)],
        ];

        return match (true) {
            $colder > $this->rules->get('upwelled') => new Advice(
                'change',
                'temperature',
                Sentence::of('Cold water has come up'),
                Sentence::of(
                    'The surface is {by} colder than {days} ago: wind off the shore has blown the warm water out. Fish the '
                        .'edge where it meets the warm, farther out, or what the cold has brought in.',
                    $since,
                ),
            ),
            $layer !== null && $was !== null && abs($layer->top - $was->top) > 1.5 => new Advice(
                'change',
                'temperature',
                Sentence::of(
                    $layer->top > $was->top ? 'Thermocline {moved} deeper' : 'Thermocline {moved} shallower',
                    ['moved' => [Quantity::Depth, abs($layer->top - $was->top)]],
                ),
                Sentence::of('Against {days} ago: fish that held to it have gone with it.', $since),
            ),
            $layer === null && $was !== null => new Advice(
                'change',
                'temperature',
                Sentence::of('The thermocline is gone'),
                Sentence::of(
                    '{days} ago there was one: the column has turned over, and fish are anywhere in it.',
                    ['days' => ucfirst($since['days'])],
                ),
            ),
            abs($colder) < 0.3 => new Advice(
                'change', 'temperature', Sentence::of('As {days} ago', $since), Sentence::of('What held then should hold.'),
            ),
            default => new Advice(
                'change',
                'temperature',
                Sentence::of('Much as {days} ago', $since),
                Sentence::of('The surface is within {by} of what it was: what held then should hold.', $since),
            ),
        };
    }

    /** @return array<string, array{Quantity, float}> */
    private static function layerFigures(Layer $layer): array
    {
        return [
            'top' => [Quantity::Depth, $layer->top], 'bottom' => [Quantity::Depth, $layer->bottom],
            'warm' => [Quantity::Temperature, $layer->warm],
            'cold' => [Quantity::Temperature, $layer->cold], 'steepest' => [Quantity::Gradient, $layer->steepest],
        ];
    }

    /** The bracket all species share; where they share none, the first's. */
    private function speed(): ?Advice
    {
        if ($this->species === []) {
            return null;
        }
        $brackets = array_map(fn (Species $species): Habits => Habits::of($species, $this->habits), $this->species);
        [$slow, $fast] = [
            max(array_map(static fn (Habits $habits): float => $habits->speedFrom, $brackets)),
            min(array_map(static fn (Habits $habits): float => $habits->speedTo, $brackets)),
        ];
        $shared = $fast > $slow;
        [$slow, $fast] = $shared ? [$slow, $fast] : [$brackets[0]->speedFrom, $brackets[0]->speedTo];
        $bounced = $this->species[0] === Species::Walleye && ($this->bands[0]->from ?? '') === 'bottom';
        $names = implode(
            ' and ',
            array_map(
                static fn (Species $species): string => $species->label(),
                $shared && ! $bounced ? $this->species : array_slice($this->species, 0, 1),
            ),
        );
        if ($bounced) {
            [$slow, $fast] = [$this->rules->get('bounce_slowest'), $this->rules->get('bounce_fastest')];
        }
        $warmth = $this->signs->warmth();
        $onBottom = ($this->bands[0]->from ?? '') === 'bottom';
        [$at, $because] = match (true) {
            $bounced => [0.5 * ($slow + $fast), 'Bouncing along bottom, the boat hardly moves.'],
            $onBottom => [$slow, 'Fish on bottom want it slow.'],
            $warmth !== null
                && $warmth < $brackets[0]->likesFrom
                && $this->signs->profile?->warmest() < $brackets[0]->likesFrom => [
                    $slow + 0.25 * ($fast - $slow), 'Cold water makes them slow.',
                ],
            ! $this->signs->marks->lifted($this->signs->bottom, $this->rules)->none() => [
                $slow + 0.7 * ($fast - $slow), 'Marks lifted off bottom take it faster, with more flash.',
            ],
            default => [0.5 * ($slow + $fast), 'Start in the middle.'],
        };

        return new Advice('speed', 'speed', Sentence::of(
            '{slow#} to {fast}, start at {at#}',
            ['slow' => [Quantity::Speed, $slow], 'fast' => [Quantity::Speed, $fast], 'at' => [Quantity::Speed, $at]],
        ), Sentence::of(
            '{names}, through the water at the gear. {because} Too slow drags deep lines, too fast lifts them.'.(
                ($shared && ! $bounced) || count($this->species) < 2 ? '' : ' The others want another speed: the first has it.'
            ),
            ['names' => ucfirst($names), 'because' => $because],
        ));
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
        if ($spread === null || $bottom === null || $bottom - $spread['bottom'] < 6.0) {
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

    private function finish(): ?Advice
    {
        [$clarity, $sky] = [$this->signs->clarity, $this->signs->sky];
        if ($clarity === null) {
            return null;
        }
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

        return new Advice('finish', 'finish', Sentence::of($family), $deepest > 25.0 && $clarity !== Clarity::Stained
            ? Sentence::of("{$why} Below {dark} little colour is left: glow there.", ['dark' => [Quantity::Depth, 25.0]])
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

    /** Short in the wash and long are both schools (03). */
    private function muskieLeads(): ?Advice
    {
        if (! in_array(Species::Muskie, $this->species, true)) {
            return null;
        }
        $warmth = $this->signs->warmth();
        $default = match (true) {
            $this->signs->clarity === Clarity::Stained || ($warmth !== null && $warmth > 21.0) => 'short',
            $this->signs->clarity === Clarity::Clear && $this->signs->surface === Surface::Calm => 'long',
            default => 'mixed',
        };
        $chosen = $this->schools['muskie_leads'] ?? $default;

        return new Advice('muskie_leads', 'leader', Sentence::of(match ($chosen) {
            'short' => 'Muskie on {short#} to {shortTo}, in the wash',
            'long' => 'Muskie on {long#} to {longTo}',
            default => 'Muskie on both: half short in the wash, half long',
        }, ['short' => [Quantity::Length, 3.0], 'shortTo' => [Quantity::Length, 6.1], 'long' => [Quantity::Length, 18.3],
            'longTo' => [Quantity::Length, 30.5]]), Sentence::of(match ($default) {
                'short' => 'Stained, warm or weedy water makes the short lead the better guess.',
                'long' => 'Clear and calm makes the long lead the better guess.',
                default => 'Nothing speaks for one of them: run both and see.',
            }), array_map(static fn (string $key, string $why): array => ['key' => $key, 'label' => $key, 'why' => $why,
                'chosen' => $key === $chosen], ['short', 'long',
                    'mixed'], ['churned water draws them, and a short line sets the hook',
                        'away from the boat they have forgotten it', 'let the fish say']));
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
                Sentence::of('What the gear feels may differ from the log by as much as it: try it both ways in what-if.'),
            );
        }
        $apart = abs($surface - $deep);

        return $apart < 0.09
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
                    'Current {surface} at the surface, {deep} at depth: set both in what-if and run the deep lines by it.',
                    ['surface' => [Quantity::Speed, $surface], 'deep' => [Quantity::Speed, $deep]],
                ),
            );
    }

    /** @return list<Advice> one for all that one warm-water rule holds for */
    private function care(): array
    {
        $deepest = $groups = [];
        foreach ($this->bands as $band) {
            $deepest[$band->species->value] = $band->bottom;
        }
        foreach ($this->species as $species) {
            $groups[FishCare::warmRule($species)][] = $species;
        }

        return array_values(
            array_map(
                fn (array $species): Advice => new Advice(
                    'care_'.$species[0]->value,
                    'care',
                    Sentence::of('Release of {names}', ['names' => FishCare::named($species)]),
                    FishCare::advice($species, $this->care, $this->signs->warmth(), $deepest),
                ),
                $groups,
            ),
        );
    }
}
