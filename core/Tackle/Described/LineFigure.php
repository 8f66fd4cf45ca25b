<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Described;

use Admek\Core\Tackle\Parts\DiverPlate;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** What of a described line is told by a number; which of them a line has is its presentation's to say. */
enum LineFigure: string
{
    /** m from rod tip or board to what the presentation counts to, or of cable on the counter. */
    case LetOut = 'let_out';
    /** Of core. */
    case Colours = 'colours';
    /** m let out beyond core or wire. */
    case Backing = 'backing';
    /** m of line between release, weight or core and the lure. */
    case Lead = 'lead';
    /** m a stacked release rides above its ball. */
    case Above = 'above';
    /** Marks a diver is dialled off straight. */
    case Dial = 'dial';
    /** m of front line or tow line to the board. */
    case BoardOut = 'board_out';
    /** m along a mast board's tow line to the clip. */
    case ClipOut = 'clip_out';
    /** kg */
    case WeightMass = 'weight_mass';
    /** kg of a ball that is not in the locker. */
    case BallMass = 'ball_mass';
    /** m from node to weight. */
    case DropperLength = 'dropper_length';
    /** m */
    case LeaderLength = 'leader_length';
    /** lb */
    case LeaderTest = 'leader_test';
    /** m above the water; without it the holder's own. */
    case TipHeight = 'tip_height';
    /** m of depth the captain asked it to run at. */
    case Aim = 'aim';

    public function quantity(): Quantity
    {
        return match ($this) {
            self::LetOut, self::Backing, self::Lead, self::Above, self::BoardOut, self::ClipOut => Quantity::Length,
            self::LeaderLength, self::DropperLength, self::TipHeight => Quantity::Leader,
            self::Aim => Quantity::Depth,
            self::WeightMass => Quantity::SmallMass,
            self::BallMass => Quantity::Mass,
            self::Colours => Quantity::Colours,
            self::Dial, self::LeaderTest => Quantity::Count,
        };
    }

    /** What it can be on any line; a presentation may hold it closer. */
    public function range(): Range
    {
        return match ($this) {
            self::LetOut => new Range(1, 150, 5 * Units::FOOT, 1.0),
            self::Colours => new Range(0, 20, 0.5, 0.5, 'colours'),
            self::Backing => new Range(0, 200, 5 * Units::FOOT, 1.0),
            self::Lead => new Range(0.3, 100, 5 * Units::FOOT, 1.0),
            self::Above => new Range(0.3, 150, Units::FOOT, 0.5),
            self::Dial => new Range(0, DiverPlate::HIGHEST_DIAL, 0.5, 0.5, ''),
            self::BoardOut => new Range(5, 150, 5 * Units::FOOT, 1.0),
            self::ClipOut => new Range(1, 150, 5 * Units::FOOT, 1.0),
            self::WeightMass => new Range(0.001, 15, 0.028350, 0.025, 'kg'),
            self::BallMass => new Range(0.001, 15, Units::POUND, 0.5, 'kg'),
            self::DropperLength => new Range(0.05, 5, 0.5 * Units::FOOT, 0.1),
            self::LeaderLength => new Range(0, 30, Units::FOOT, 0.25),
            self::LeaderTest => new Range(1, 500, 1, 1, 'lb'),
            self::TipHeight => new Range(0, 10, 0.5 * Units::FOOT, 0.1),
            self::Aim => new Range(0, 150, 5 * Units::FOOT, 1.0),
        };
    }
}
