<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** A list of the locker, and what is asked of a piece that goes into it. */
enum GearForm: string
{
    case Reels = 'reels';
    case Lures = 'lures';
    case Balls = 'balls';
    case Divers = 'divers';
    case Boards = 'boards';

    /** Of one. */
    public function one(): string
    {
        return substr($this->value, 0, -1);
    }

    public function note(): string
    {
        return $this === self::Lures
            ? 'A rated point is the depth on its box, or one you have seen, with the lead, line and speed it holds for. '
                .'Without one a diving lure is taken to run as is typical of its family.'
            : '';
    }

    /** @return list<GearField> beside its name */
    public function fields(): array
    {
        return match ($this) {
            self::Reels => [
                GearField::choice('material', 'spooled with', self::words(Material::onReels()), Material::Braid->value),
                GearField::number('test', 'test', Quantity::Count, 2, 300, 30.0, unit: 'lb'),
                GearField::number('colours', 'leadcore on it', Quantity::Colours, 0.5, 30, optional: true),
                GearField::number('wire_length', 'wire on it', Quantity::Length, 5, 400, optional: true),
                GearField::choice('backing_material', 'backing', self::words(Material::thin()), null, optional: true),
                GearField::number('backing_test', 'backing test', Quantity::Count, 2, 300, optional: true, unit: 'lb'),
                GearField::flag('counter_calibrated', 'counter checked against a tape', keeps: true),
                GearField::number('counter_factor', 'counter shows, for 1 truly out', Quantity::Count, 0.5, 2, 1.0, keeps: true),
            ],
            self::Lures => [
                GearField::choice('kind', 'family', self::words(LureKind::cases()), LureKind::MediumSpoon->value),
                GearField::word('finish', 'finish'),
                GearField::number('rated_depth', 'rated: runs at', Quantity::Depth, null, null, optional: true),
                GearField::number('rated_lead', 'on so much line out', Quantity::Length, null, null, optional: true),
                GearField::number('rated_line_diameter', 'of line so thick', Quantity::Thickness, null, null, optional: true),
                GearField::number('rated_speed', 'at', Quantity::Speed, null, null, optional: true),
            ],
            self::Balls => [GearField::number('mass', 'weight', Quantity::Mass, 0.2, 15, 10 * Units::POUND)],
            self::Divers => [
                GearField::choice(
                    'size',
                    'plate',
                    array_combine(array_column(DiverSize::cases(), 'value'), array_column(DiverSize::cases(), 'value')),
                    DiverSize::Large->value,
                ),
                GearField::flag('ringed', 'ring round the rim'),
            ],
            self::Boards => [GearField::choice('size', 'sort', self::words(BoardSize::cases()), BoardSize::Large->value)],
        };
    }

    /**
     * @param  list<Material|LureKind|BoardSize>  $kinds
     * @return array<string, string> word by value
     */
    private static function words(array $kinds): array
    {
        $words = [];
        foreach ($kinds as $kind) {
            $words[$kind->value] = $kind->word();
        }

        return $words;
    }
}
