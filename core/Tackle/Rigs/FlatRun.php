<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Rigs;

use Admek\Core\Tackle\Catalogue\Leads;
use Admek\Core\Tackle\Catalogue\Prospect;
use Admek\Core\Tackle\Described\Range;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Units\Units;

/** How far behind a line with nothing on it but its lure is run. */
enum FlatRun
{
    case Flat;
    /** Short, in the boat's own wash: muskie come to it. */
    case Wash;
    /** Straight down beside the boat, the rod's tip at the water. */
    case DownRod;

    /** Of one. */
    public function word(): string
    {
        return match ($this) {
            self::Flat => 'flat',
            self::Wash => 'wash line',
            self::DownRod => 'down rod',
        };
    }

    public function plural(): string
    {
        return match ($this) {
            self::Flat => 'flat lines and boards',
            self::Wash => 'wash lines',
            self::DownRod => 'down rods',
        };
    }

    public function bestAt(): string
    {
        return match ($this) {
            self::Flat => 'A diving lure high in the water, well behind or well to the side of the boat’s noise.',
            self::Wash => 'A big lure a few yards back in the wash, where muskie come up to it.',
            self::DownRod => 'A big lure straight down beside the boat, on the least of line.',
        };
    }

    /** Of let-out, rod tip to lure. */
    public function range(): Range
    {
        return match ($this) {
            self::Flat => new Range(2, 150, 5 * Units::FOOT, 1.0),
            self::Wash => new Range(2, 12, Units::FOOT, 0.25),
            self::DownRod => new Range(1, 10, Units::FOOT, 0.25),
        };
    }

    /** @return array<string, float> figures a new one starts from */
    public function starts(): array
    {
        return match ($this) {
            self::Flat => ['let_out' => 100 * Units::FOOT],
            self::Wash => ['let_out' => 18 * Units::FOOT, 'tip_height' => 0.0],
            self::DownRod => ['let_out' => 10 * Units::FOOT, 'tip_height' => 0.0],
        };
    }

    /** @return list<LureKind> */
    public function lures(): array
    {
        return match ($this) {
            self::Flat => [LureKind::LongMinnow, LureKind::DeepPlug, LureKind::SmallMinnow],
            self::Wash => [LureKind::Bucktail, LureKind::BigPlug],
            // So short a line stays up unless its lure dives.
            self::DownRod => [LureKind::BigPlug, LureKind::DeepPlug, LureKind::Bucktail],
        };
    }

    /** @return array{float, float} m from and to that it fishes well */
    public function fishes(): array
    {
        return match ($this) {
            self::Flat => [0, 6],
            self::Wash => [0, 4],
            self::DownRod => [1, 6],
        };
    }

    /** @return array{float, string} how well it suits a water, and why */
    public function suits(Prospect $water): array
    {
        return match ($this) {
            self::Flat => [match (true) {
                $water->muskie?->school === Leads::Short => 0.0,
                $water->river && $water->onBottom => 0.3,
                $water->top > 3.0 => 0.4,
                default => $water->shy || $water->coldShallows ? 1.25 : 1.05,
            }, 'Flat lines on boards fish the top, away from the boat.'],
            self::Wash => [match ($water->muskie?->school) {
                Leads::Short => 1.3,
                Leads::Mixed => $water->shy ? 0.8 : 1.1,
                Leads::Long, null => 0.0,
            }, 'Short in the wash: churned water draws them.'],
            self::DownRod => [match ($water->muskie?->school) {
                Leads::Short, Leads::Mixed => 1.0,
                Leads::Long, null => 0.0,
            }, 'A long down rod fishes beside the wash.'],
        };
    }
}
