<?php

declare(strict_types=1);

namespace Admek\Core\Tackle;

/** Ways to present a lure; flat lines, core and clip weights may also run behind a board. */
enum Presentation: string
{
    case Rigger = 'rigger';
    case Diver = 'diver';
    case Flat = 'flat';
    case Core = 'core';
    case Clip = 'clip';

    public function takesBoard(): bool
    {
        return in_array($this, [self::Flat, self::Core, self::Clip], true);
    }

    /**
     * Figures a new line of this kind starts from: what most boats would first let out.
     *
     * @return array<string, float> m, colours, dial marks or kg by figure
     */
    public function startingFigures(): array
    {
        return match ($this) {
            self::Rigger => ['let_out' => 50 * Rig::FOOT, 'lead' => 20 * Rig::FOOT],
            self::Diver => ['let_out' => 120 * Rig::FOOT, 'dial' => 2.0],
            self::Flat => ['let_out' => 100 * Rig::FOOT],
            self::Core => ['colours' => 5.0, 'backing' => 0.0],
            self::Clip => ['let_out' => 60 * Rig::FOOT, 'lead' => 30 * Rig::FOOT, 'clip_mass' => 0.0567],
        };
    }
}
