<?php

declare(strict_types=1);

namespace Admek\Core\Water\Signs;

use Admek\Core\Spread\Plan\Tries;
use Admek\Core\Towing\Medium\Current;
use Admek\Core\Units\Units;

/**
 * A trip's current as it was told among the signs of its water, once for every screen: at the surface and at the gear. Where
 * nobody said which way it sets, it is taken to run with her, both alike: what gear feels then differs by the difference of the
 * two.
 */
final readonly class CurrentTold
{
    /** Names of its figures among the signs: m/s, degrees true, m. */
    public const SURFACE = 'current_surface';

    public const DEEP = 'current_deep';

    public const SET = 'current_set';

    public const DEEP_SET = 'current_deep_set';

    public const DEPTH = 'current_depth';

    public const HEADING = 'current_heading';

    /** What each can be: least and most. */
    public const RANGES = [
        self::SURFACE => Current::DRIFT, self::DEEP => Current::DRIFT, self::SET => Current::BEARING,
        self::DEEP_SET => Current::BEARING, self::DEPTH => Current::DEEP, self::HEADING => Current::BEARING,
    ];

    private function __construct(
        public float $surface, public float $deep, private ?float $set, private ?float $deepSet, public float $depth,
        private ?float $heading,
    ) {
    }

    /**
     * @param  array<string, string|int|float|null>  $signs  by name
     * @return ?self null where it is not known both at the surface and at the gear
     */
    public static function of(array $signs): ?self
    {
        $figure = static fn (string $name): ?float => is_numeric($signs[$name] ?? null) ? (float) $signs[$name] : null;
        [$surface, $deep] = [$figure(self::SURFACE), $figure(self::DEEP)];

        return $surface === null || $deep === null ? null : new self(
            $surface, $deep, $figure(self::SET), $figure(self::DEEP_SET),
            $figure(self::DEPTH) ?? Tries::gearDepth(Units::Us), $figure(self::HEADING),
        );
    }

    /** @param  ?float  $heading  degrees true of the boat as it is read; null as it was told */
    public function current(?float $heading = null): Current
    {
        $isSet = $this->set !== null || $this->deepSet !== null;
        $heading = $isSet && $heading !== null ? $heading : $this->heading ?? 0.0;
        $set = $this->set ?? $this->deepSet ?? $heading;

        return Current::of($heading, [
            ['depth' => 0.0, 'set' => $set, 'drift' => $this->surface],
            ['depth' => $this->depth, 'set' => $this->deepSet ?? $set, 'drift' => $this->deep],
        ]);
    }
}
