<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

/** Families of lures with their default figures (02 §10). */
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
            self::Bucktail => 3e-3,
            self::BigPlug => 3.5e-3,
        };
    }

    /** N in water; plugs are near enough neutral, big ones float. */
    public function weight(): float
    {
        return match ($this) {
            self::SmallSpoon => 0.08,
            self::MediumSpoon => 0.12,
            self::MagnumSpoon => 0.2,
            self::Bucktail => 0.35,
            self::BigPlug => -0.2,
            default => 0.0,
        };
    }

    /** Whether it dives by a lip, so that a rated point means something. */
    public function dives(): bool
    {
        return in_array($this, [self::SmallMinnow, self::LongMinnow, self::DeepPlug, self::LargeDeepPlug, self::BigPlug], true);
    }
}
