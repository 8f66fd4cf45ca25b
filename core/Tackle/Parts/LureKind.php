<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Parts;

use Admek\Core\Units\Units;

/** Families of lures with their default figures (docs/towing-model.md, Figures). */
enum LureKind: string
{
    case SmallSpoon = 'small_spoon';
    case MediumSpoon = 'medium_spoon';
    case MagnumSpoon = 'magnum_spoon';
    case SmallMinnow = 'small_minnow';
    case LongMinnow = 'long_minnow';
    case DeepPlug = 'deep_plug';
    case LargeDeepPlug = 'large_deep_plug';
    case BigPlug = 'big_plug';
    case Bucktail = 'bucktail';
    case WormHarness = 'worm_harness';
    case SlowSpinHook = 'slow_spin_hook';
    case RiggedBait = 'rigged_bait';

    /** As the trade calls one. */
    public function word(): string
    {
        return $this === self::SlowSpinHook ? 'slow-spin hook' : str_replace('_', ' ', $this->value);
    }

    /** Whether it is fished with bait on it. */
    public function isBaited(): bool
    {
        return in_array($this, [self::WormHarness, self::SlowSpinHook, self::RiggedBait], true);
    }

    /** m², Cd·A along the flow. */
    public function dragArea(): float
    {
        return match ($this) {
            self::SmallSpoon, self::SmallMinnow, self::WormHarness => 5e-4,
            self::SlowSpinHook => 3e-4,
            self::LongMinnow => 8e-4,
            self::MediumSpoon, self::RiggedBait => 9e-4,
            self::MagnumSpoon => 1.5e-3,
            self::DeepPlug => 1.2e-3,
            self::LargeDeepPlug => 2e-3,
            self::BigPlug => 3.5e-3,
            self::Bucktail => 8e-3,
        };
    }

    /** N in water at trolling speed, less what a spoon's own planing lifts; plugs are near enough neutral, big ones float. */
    public function weight(): float
    {
        return match ($this) {
            self::SmallSpoon => 0.03,
            self::MediumSpoon => 0.05,
            self::MagnumSpoon => 0.08,
            self::Bucktail => 0.2,
            self::BigPlug => -0.2,
            default => 0.0,
        };
    }

    /** kg with the water it carries along: of a plate about its own mass again, of a plug's body half of it. */
    public function mass(): float
    {
        return match ($this) {
            self::SlowSpinHook => 0.008,
            self::WormHarness => 0.012,
            self::SmallSpoon => 0.015,
            self::SmallMinnow => 0.025,
            self::MediumSpoon => 0.03,
            self::MagnumSpoon, self::LongMinnow => 0.045,
            self::DeepPlug => 0.06,
            self::RiggedBait => 0.08,
            self::LargeDeepPlug => 0.09,
            self::Bucktail => 0.12,
            self::BigPlug => 0.25,
        };
    }

    /** Where a diving lure of the kind typically runs, for one that nobody has rated; null where it has no lip. */
    public function typical(): ?RatedPoint
    {
        $nylon = static fn (float $feet): RatedPoint => RatedPoint::onTheBox($feet * Units::FOOT);

        return match ($this) {
            self::SmallMinnow => $nylon(5.0),
            self::LongMinnow => $nylon(9.0),
            self::DeepPlug => $nylon(13.0),
            self::LargeDeepPlug => $nylon(20.0),
            self::BigPlug => new RatedPoint(
                15 * Units::FOOT, 65 * Units::FOOT, 0.44e-3, 3.5 * Units::MPH, material: Material::Braid,
            ),
            self::SmallSpoon, self::MediumSpoon, self::MagnumSpoon, self::Bucktail, self::WormHarness, self::SlowSpinHook,
            self::RiggedBait => null,
        };
    }

    /** Whether it dives by a lip, so that a rated point means something. */
    public function dives(): bool
    {
        return $this->typical() !== null;
    }
}
