<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Fish\Habits;
use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Signs\WaterSigns;

/** How fast the water and what is fished for ask the boat to go, through the water at the gear (docs/rules.md). */
final readonly class Pace
{
    /** Of a river's flow, slowest and fastest that a boat is held against it with. */
    private const HELD = [0.8, 1.2];

    /**
     * @param  float  $slow  m/s, the bracket's lower end
     * @param  float  $fast  m/s
     * @param  float  $at  m/s to start at
     */
    private function __construct(public float $slow, public float $fast, public float $at, private Sentence $why)
    {
    }

    /**
     * The bracket all species share; where they share none, the first's.
     *
     * @param  list<Species>  $species  in order of priority
     * @param  list<Band>  $bands  in order of priority
     * @param  RuleBook  $habits  of {@see Habits}
     * @param  RuleBook  $rules  of {@see ReadingRules}
     * @return ?self null where nothing is fished for
     */
    public static function of(array $species, array $bands, WaterSigns $signs, RuleBook $habits, RuleBook $rules): ?self
    {
        if ($species === []) {
            return null;
        }
        $brackets = array_map(static fn (Species $one): Habits => Habits::of($one, $habits), $species);
        [$slow, $fast] = [
            max(array_map(static fn (Habits $habits): float => $habits->speedFrom, $brackets)),
            min(array_map(static fn (Habits $habits): float => $habits->speedTo, $brackets)),
        ];
        $shared = $fast > $slow;
        [$slow, $fast] = $shared ? [$slow, $fast] : [$brackets[0]->speedFrom, $brackets[0]->speedTo];
        $onBottom = ($bands[0]->from ?? '') === 'bottom';
        $bounced = $onBottom && $species[0] === Species::Walleye;
        if ($bounced) {
            [$slow, $fast] = [$rules->get('bounce_slowest'), $rules->get('bounce_fastest')];
        }
        $held = $onBottom && ! $bounced && $signs->isRiver($rules);
        if ($held) {
            [$slow, $fast] = [self::HELD[0] * (float) $signs->currentSurface, self::HELD[1] * (float) $signs->currentSurface];
        }
        $warmth = $signs->warmth();
        [$share, $because] = match (true) {
            $held => [0.5, 'Held against the flow: as fast through the water as it runs, hardly moving over the ground.'],
            $bounced => [0.5, 'Bouncing along bottom, the boat hardly moves.'],
            $onBottom => [0.0, 'Fish on bottom want it slow.'],
            $warmth !== null
                && $warmth < $brackets[0]->likesFrom
                && $signs->profile?->warmest() < $brackets[0]->likesFrom => [0.25, 'Cold water makes them slow.'],
            ! $signs->marks->lifted($signs->bottom, $rules)->none() => [
                0.7, 'Marks lifted off bottom take it faster, with more flash.',
            ],
            default => [0.5, 'Start in the middle.'],
        };
        $together = $shared && ! $bounced && ! $held;
        $names = array_map(
            static fn (Species $one): string => $one->label(), $together ? $species : array_slice($species, 0, 1),
        );

        return new self($slow, $fast, $slow + $share * ($fast - $slow), Sentence::of(
            '{names}, through the water at the gear. {because} Too slow drags deep lines, too fast lifts them.'.(
                $together || count($species) < 2 ? '' : ' The others want another speed: the first has it.'
            ),
            ['names' => ucfirst(implode(' and ', $names)), 'because' => $because],
        ));
    }

    public function advice(): Advice
    {
        return new Advice('speed', 'speed', Sentence::of('{slow#} to {fast}, start at {at#}', [
            'slow' => [Quantity::Speed, $this->slow], 'fast' => [Quantity::Speed, $this->fast],
            'at' => [Quantity::Speed, $this->at],
        ]), $this->why);
    }
}
