<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\Tackle\Parts\Attractor;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\Counter;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Units;

/** A list of the locker, and what is asked of a piece that goes into it. */
enum GearForm: string
{
    case Lures = 'lures';
    case Reels = 'reels';
    case Balls = 'balls';
    case Divers = 'divers';
    case Boards = 'boards';
    case Weights = 'weights';
    case Leaders = 'leaders';
    case Attractors = 'attractors';

    /** Of one. */
    public function one(): string
    {
        return substr($this->value, 0, -1);
    }

    /** The part of a line it holds, by the name that has in a file; null for what a line tells by figures alone. */
    public function part(): ?string
    {
        return in_array($this, [self::Weights, self::Leaders], true) ? null : $this->one();
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
        return [
            ...$this->figures(),
            GearField::word('note', 'note', optional: true),
            GearField::flag('retired', 'retired: kept for what was fished with it', keeps: true),
        ];
    }

    public function field(string $key): ?GearField
    {
        foreach ($this->fields() as $field) {
            if ($field->key === $key) {
                return $field;
            }
        }

        return null;
    }

    /** @return list<GearField> */
    private function figures(): array
    {
        return match ($this) {
            self::Reels => [
                GearField::choice('material', 'spooled with', self::words(Material::onReels()), Material::Braid->value),
                GearField::number('test', 'test', Quantity::Count, 2, 300, 30.0, unit: 'lb'),
                GearField::number('colours', 'leadcore on it', Quantity::Colours, 0.5, 30, optional: true),
                GearField::number('wire_length', 'wire on it', Quantity::Length, 5, 400, optional: true),
                GearField::number('line_length', 'line on it, or backing', Quantity::Length, 5, 1000, optional: true),
                GearField::choice('backing_material', 'backing', self::words(Material::thin()), null, optional: true),
                GearField::number('backing_test', 'backing test', Quantity::Count, 2, 300, optional: true, unit: 'lb'),
                GearField::flag('counter_calibrated', 'counter checked against a tape', keeps: true),
                GearField::number(
                    'counter_factor', 'counter shows, for 1 truly out', Quantity::Count,
                    Counter::SHOWS[0], Counter::SHOWS[1], 1.0, keeps: true,
                ),
                GearField::owned(),
            ],
            self::Lures => [
                GearField::choice('kind', 'family', self::words(LureKind::cases()), LureKind::MediumSpoon->value),
                GearField::word('finish', 'finish'),
                GearField::number('size', 'length', Quantity::Fish, 0.01, 0.6, optional: true),
                GearField::number('mass', 'weight', Quantity::SmallMass, 0.0005, 1, optional: true),
                GearField::choice('imitates', 'looks like', self::words(Forage::cases()), null, optional: true),
                GearField::number('rated_depth', 'rated: runs at', Quantity::Depth, null, null, optional: true),
                GearField::number('rated_lead', 'on so much line out', Quantity::Length, null, null, optional: true),
                GearField::number('rated_line_diameter', 'of line so thick', Quantity::Thickness, null, null, optional: true),
                GearField::number('rated_speed', 'at', Quantity::Speed, null, null, optional: true),
                GearField::count(),
            ],
            self::Balls => [
                GearField::number('mass', 'weight', Quantity::Mass, 0.2, 15, 10 * Units::POUND), GearField::owned(),
            ],
            self::Divers => [
                GearField::choice(
                    'size',
                    'plate',
                    array_combine(array_column(DiverSize::cases(), 'value'), array_column(DiverSize::cases(), 'value')),
                    DiverSize::Large->value,
                ),
                GearField::flag('ringed', 'ring round the rim'),
                GearField::owned(),
            ],
            self::Boards => [
                GearField::choice('size', 'sort', self::words(BoardSize::cases()), BoardSize::Large->value), GearField::owned(),
            ],
            self::Weights => [
                GearField::number('mass', 'weight', Quantity::SmallMass, 0.001, 2, 2 * Units::POUND / 16), GearField::count(),
            ],
            self::Leaders => [
                GearField::choice('material', 'of', self::words(Material::thin()), Material::Fluorocarbon->value),
                GearField::number('test', 'test', Quantity::Count, 2, 300, 25.0, unit: 'lb'),
                GearField::number('length', 'tied so long', Quantity::Leader, 0.1, 15, optional: true),
                GearField::count(),
            ],
            self::Attractors => [
                GearField::choice('kind', 'sort', self::words(Attractor::cases()), Attractor::LargeFlasher->value),
                GearField::word('finish', 'finish'),
                GearField::count(),
            ],
        };
    }

    /**
     * @param  list<Material|LureKind|BoardSize|Attractor|Forage>  $kinds
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
