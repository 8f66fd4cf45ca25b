<?php

declare(strict_types=1);

namespace Admek\Core\Day;

use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** When a line comes nearer to the bottom than wanted, held on as she goes. */
final readonly class Contact
{
    /** m to which a lift is told: a captain does not wind less. */
    private const LIFT = 0.5;

    /**
     * @param  ?float  $seconds  until then at the speed of now; 0 where it is so already, null where it never is
     * @param  bool  $touches  the bottom itself then, not only the water wanted over it
     * @param  ?float  $slowed  until it may touch bottom, by its doubt, slowed down as for a fish; null where it never does
     * @param  ?float  $lift  m it must come up to keep clear all the way
     */
    public function __construct(
        public string $holder, public ?float $seconds, public bool $touches, public ?float $slowed, public ?float $lift,
    ) {
    }

    public function words(): Sentence
    {
        $does = $this->touches ? 'reaches bottom' : 'comes near the bottom';
        $when = self::when($this->seconds);
        $slowed = self::when($this->slowed);
        $lift = ceil(($this->lift ?? 0.0) / self::LIFT) * self::LIFT;

        return Sentence::of(match (true) {
            $this->seconds === null => '{holder} may reach bottom {slowed} if she is slowed.',
            $this->slowed === null || $this->slowed >= $this->seconds => "{holder} {$does} {when}: up {lift}.",
            $this->touches => '{holder} reaches bottom {when}, slowed {slowed}: up {lift}.',
            default => '{holder} comes near the bottom {when}, slowed may reach it {slowed}: up {lift}.',
        }, ['holder' => $this->holder, 'when' => $when, 'slowed' => $slowed, 'lift' => [Quantity::Depth, $lift]]);
    }

    public static function when(?float $seconds): string
    {
        return match (true) {
            $seconds === null, $seconds < 10.0 => 'now',
            $seconds < 90.0 => sprintf('in %d s', 10 * floor($seconds / 10.0)),
            default => sprintf('in %d min', floor($seconds / 60.0)),
        };
    }
}
