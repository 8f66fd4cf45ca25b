<?php

declare(strict_types=1);

namespace App\Reading\Season;

use Admek\Core\Patterns\Bands;
use Admek\Core\Patterns\Factor;
use Admek\Core\Patterns\Fished;
use Admek\Core\Patterns\Patterns;
use Admek\Core\Patterns\Start;
use Admek\Core\Patterns\Tomorrow;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Advice;
use App\Models\Boat;
use App\Models\Trip;

/** What the record says a trip is begun with. */
final readonly class ForTomorrow
{
    /** What it is called among what the water says. */
    private const KEY = 'record';

    /**
     * @param  string  $of  what it goes by
     * @param  float  $bottom  m under which nothing is begun
     */
    private function __construct(
        public Tomorrow $tomorrow, public Patterns $patterns, public string $of, private Bands $bands,
        private float $bottom,
    ) {
    }

    public static function of(Fished $season, Trip $trip, Boat $boat): self
    {
        $aboard = array_values(array_map(strval(...), $boat->lures->where('retired', false)->pluck('name')->all()));
        [$of, $patterns] = $season->without($trip->id)->on(self::alike($trip, $boat), $trip->species)
            ->near($trip->ground, $trip->signsSeen()['clarity'] ?? null);
        $bottom = $trip->bottom ?? INF;

        return new self(Tomorrow::of(
            $patterns, $aboard, static fn (string $level): bool => $season->bands->ends(Factor::Depth, $level)[0] < $bottom,
        ), $patterns, $of, $season->bands, $bottom);
    }

    /** @return list<int> ids of trips for a fish of this one's, over about as much water */
    private static function alike(Trip $trip, Boat $boat): array
    {
        return array_values(array_map(
            static fn (Trip $like): int => $like->id,
            $boat->trips()->get(['id', 'species', 'bottom'])->filter($trip->isLike(...))->all(),
        ));
    }

    /** @return list<array{float, float}> m, where it is begun, the best first */
    public function depths(): array
    {
        return array_map(
            fn (Start $start): array => array_map(
                fn (float $end): float => min($end, $this->bottom), $this->bands->ends(Factor::Depth, $start->rate->level),
            ),
            $this->tomorrow->depths,
        );
    }

    /** As the water says things: it is pinned and refused like them. Null where no depth stands out. */
    public function advice(): ?Advice
    {
        $best = $this->tomorrow->depths[0] ?? null;
        if ($best === null) {
            return null;
        }
        [$top, $bottom] = $this->depths()[0];

        return new Advice(self::KEY, self::KEY, Sentence::of('Begin at {top#}–{bottom}', [
            'top' => [Quantity::Depth, $top], 'bottom' => [Quantity::Depth, $bottom],
        ]), Sentence::all([$best->reason(), Sentence::of('By {of}.', ['of' => $this->of])]));
    }

    /** Whether the captain has refused it for a trip. */
    public static function isRefused(Trip $trip): bool
    {
        return ($trip->choices['advice'][self::KEY]['state'] ?? null) === 'refused';
    }
}
