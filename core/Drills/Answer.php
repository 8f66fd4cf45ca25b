<?php

declare(strict_types=1);

namespace Admek\Core\Drills;

use Admek\Core\Units\Sentence;

/** One thing that could be done: how good it is, and why, by the model or the rules. */
final readonly class Answer
{
    /** Worth from which it is right. */
    private const RIGHT = 0.999;

    /**
     * @param  float  $worth  0 where it is wrong, 1 where nothing better could be done
     * @param  Sentence  $why  what comes of it
     */
    public function __construct(public string $key, public Sentence $words, public float $worth, public Sentence $why)
    {
    }

    /** Whether nothing is better. */
    public function isRight(): bool
    {
        return $this->worth >= self::RIGHT;
    }
}
