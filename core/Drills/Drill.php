<?php

declare(strict_types=1);

namespace Admek\Core\Drills;

use Admek\Core\Fish\Species;
use Admek\Core\Units\Sentence;

/** A short situation with a decision to take against the clock; the same seed makes the same one. */
final readonly class Drill
{
    /** Points of the best answer, given at once… */
    private const FULL = 10;

    /** …and the share of them that are left at the last second. */
    private const LATE = 0.5;

    /**
     * @param  Sentence  $situation  what is so, and what is asked
     * @param  list<Answer>  $answers  in the order they are offered
     * @param  float  $seconds  there are to decide
     * @param  ?InMotion  $motion  null where nothing moves
     */
    public function __construct(
        public DrillKind $kind, public int $seed, public Species $species, public Sentence $situation, public array $answers,
        public float $seconds, public ?InMotion $motion = null,
    ) {
    }

    public function answer(?string $key): ?Answer
    {
        foreach ($this->answers as $answer) {
            if ($answer->key === $key) {
                return $answer;
            }
        }

        return null;
    }

    /** @return non-empty-list<Answer> those nothing is better than */
    public function best(): array
    {
        $best = array_values(array_filter($this->answers, static fn (Answer $answer): bool => $answer->isRight()));

        return $best === [] ? throw new \LogicException("{$this->kind->value} of {$this->seed} has no right answer.") : $best;
    }

    /**
     * Points of an answer: what it is worth of all of them at once, half of that at the last second, none after it.
     *
     * @param  ?string  $key  null where none was given
     * @param  float  $after  s it was given after
     */
    public function points(?string $key, float $after): int
    {
        $worth = $this->answer($key)->worth ?? 0.0;
        $left = 1.0 - min(1.0, max(0.0, $after) / $this->seconds);

        return $after > $this->seconds ? 0 : (int) round(self::FULL * $worth * (self::LATE + (1.0 - self::LATE) * $left));
    }

    public function isRight(?string $key): bool
    {
        return $this->answer($key)?->isRight() ?? false;
    }
}
