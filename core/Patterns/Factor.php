<?php

declare(strict_types=1);

namespace Admek\Core\Patterns;

use Admek\Core\Units\Quantity;

/** What line-hours are told apart by. */
enum Factor: string
{
    case Lure = 'lure';
    case Finish = 'finish';
    case Presentation = 'presentation';
    /** m the lure runs at. */
    case Depth = 'depth';
    case Side = 'side';
    /** On the inside or outside of a turn, or straight. */
    case Turn = 'turn';
    /** m/s through the water. */
    case Speed = 'speed';
    /** By sun and cloud. */
    case Light = 'light';
    /** °C where the lure runs. */
    case Temperature = 'temperature';
    /** m above bottom. */
    case Height = 'height';
    case Clarity = 'clarity';
    case Ground = 'ground';

    /** What its figures are of, which are put into bands; null of what is told by a word. */
    public function quantity(): ?Quantity
    {
        return match ($this) {
            self::Depth, self::Height => Quantity::Depth,
            self::Speed => Quantity::Speed,
            self::Temperature => Quantity::Temperature,
            default => null,
        };
    }

    /** What a captain asks of it. */
    public function word(): string
    {
        return match ($this) {
            self::Lure => 'lure',
            self::Finish => 'finish',
            self::Presentation => 'presentation',
            self::Depth => 'running depth',
            self::Side => 'side',
            self::Turn => 'in turns',
            self::Speed => 'speed through the water',
            self::Light => 'light',
            self::Temperature => 'water at the lure',
            self::Height => 'above bottom',
            self::Clarity => 'clarity',
            self::Ground => 'ground',
        };
    }
}
