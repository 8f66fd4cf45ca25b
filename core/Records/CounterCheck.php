<?php

declare(strict_types=1);

namespace Admek\Core\Records;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Parts\Counter;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** A counter held against a tape: so much line pulled off, or cable let out, and so much shown. */
final readonly class CounterCheck
{
    /** m that are pulled off: less tells a counter's error no closer than its last figure. */
    public const PULLED = [5, 300];

    /** Share within which a counter shows what is out. */
    private const TRUE = 0.01;

    private function __construct(public float $factor, private float $pulled)
    {
    }

    /**
     * @param  float  $pulled  m, along a tape
     * @param  float  $read  m, as the counter shows
     *
     * @throws InvalidValue naming pulled, or read where no counter that works shows so much for it
     */
    public static function of(float $pulled, float $read): self
    {
        InvalidValue::unlessBetween('pulled', $pulled, ...self::PULLED, unit: 'm');
        InvalidValue::unlessBetween('read', $read, Counter::SHOWS[0] * $pulled, Counter::SHOWS[1] * $pulled, 'm');

        return new self($read / $pulled, $pulled);
    }

    public function says(): Sentence
    {
        return abs($this->factor - 1.0) <= self::TRUE
            ? Sentence::of('It shows what is out, within one in a hundred.')
            : Sentence::of($this->factor > 1.0
                ? 'It shows too much: set {shown} for {out} out. The deck card counts it in.'
                : 'It shows too little: set {shown} for {out} out. The deck card counts it in.', [
                    'shown' => [Quantity::Length, $this->factor * $this->pulled], 'out' => [Quantity::Length, $this->pulled],
                ]);
    }
}
