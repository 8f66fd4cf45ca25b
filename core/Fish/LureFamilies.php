<?php

declare(strict_types=1);

namespace Admek\Core\Fish;

use Admek\Core\Tackle\Parts\LureKind;

/** Which families of lures to offer a species, the most promising first (docs/rules.md). */
final class LureFamilies
{
    /** @return list<LureKind> */
    public static function for(Species $species): array
    {
        return match ($species) {
            Species::King => [
                LureKind::MagnumSpoon, LureKind::MediumSpoon, LureKind::RiggedBait, LureKind::DeepPlug, LureKind::LongMinnow,
            ],
            Species::Coho,
            Species::Steelhead => [LureKind::MediumSpoon, LureKind::SmallSpoon, LureKind::LongMinnow, LureKind::SmallMinnow],
            Species::LakeTrout => [
                LureKind::MediumSpoon, LureKind::RiggedBait, LureKind::MagnumSpoon, LureKind::DeepPlug, LureKind::SmallMinnow,
                LureKind::SmallSpoon,
            ],
            Species::BrownTrout => [LureKind::SmallMinnow, LureKind::SmallSpoon, LureKind::LongMinnow],
            Species::Walleye => [
                LureKind::WormHarness, LureKind::DeepPlug, LureKind::LongMinnow, LureKind::SmallSpoon, LureKind::SlowSpinHook,
            ],
            Species::Muskie => [LureKind::Bucktail, LureKind::BigPlug, LureKind::LargeDeepPlug, LureKind::DeepPlug],
        };
    }
}
