<?php

declare(strict_types=1);

namespace Admek\Core\Records;

use Admek\Core\Units\Sentence;

/**
 * What the captain's own soundings of like gear say of a line: the model's depth by the mean ratio of read to reckoned
 * depth, so that a sounding at one let-out and speed speaks of others too.
 */
final readonly class Soundings
{
    /** So many make an opinion to go by. */
    private const ENOUGH = 3;

    /**
     * @param  float  $depth  m
     * @param  ?float  $deviation  m, of one sounding about the mean; null with fewer than two
     * @param  float  $slowest  m/s they were taken at
     * @param  float  $fastest  m/s
     */
    private function __construct(
        public float $depth,
        public ?float $deviation,
        public int $count,
        public float $slowest,
        public float $fastest,
    ) {
    }

    /**
     * @param  list<Sounding>  $soundings  of like gear
     * @param  float  $modelDepth  m the model gives the line now
     */
    public static function opinion(array $soundings, float $modelDepth): ?self
    {
        if ($soundings === []) {
            return null;
        }
        $ratios = array_map(static fn (Sounding $s): float => $s->depth / $s->modelDepth, $soundings);
        $count = count($ratios);
        $mean = array_sum($ratios) / $count;
        $squares = array_sum(array_map(static fn (float $ratio): float => ($ratio - $mean) ** 2, $ratios));
        $speeds = array_map(static fn (Sounding $s): float => $s->speed, $soundings);

        return new self(
            $modelDepth * $mean,
            $count > 1 ? $modelDepth * sqrt($squares / ($count - 1)) : null,
            $count,
            min($speeds),
            max($speeds),
        );
    }

    /** Null while there are too few to go by. */
    public function advice(): ?Sentence
    {
        return $this->count >= self::ENOUGH ? Sentence::of('{count} soundings: go by them.', ['count' => $this->count]) : null;
    }
}
