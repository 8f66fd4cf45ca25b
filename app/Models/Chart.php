<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Ground\BottomGrid;
use Admek\Core\Ground\Contours;
use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;
use Illuminate\Database\Eloquent\Model;

/**
 * The bottom as a grid.
 *
 * @property int $id
 * @property string $name
 * @property ?string $source
 * @property array{south: float, west: float, step: float, rows: list<list<float>>} $grid
 * @property ?array<string, mixed> $drawn its contours and land as they were made when it came in, and the units they are round in
 */
final class Chart extends Model
{
    protected $table = 'charts';

    public $timestamps = false;

    protected $fillable = ['name', 'source', 'grid', 'drawn'];

    protected $casts = ['grid' => 'array', 'drawn' => 'array'];

    /** @return array<string, mixed> contours and land, round in these units */
    public function asDrawn(Units $units): array
    {
        $drawn = ($this->drawn['units'] ?? null) === $units->value ? $this->drawn : self::drawn($this->bottom(), $units);

        return array_diff_key($drawn, ['units' => true]);
    }

    /**
     * One from before charts were bounded by what they cost to draw may be too rough: it is kept, and drawn without lines.
     *
     * @return array{units: string, contours: list<mixed>, land: list<mixed>}
     */
    public static function drawn(BottomGrid $grid, Units $units): array
    {
        $contours = new Contours($grid, $units);
        try {
            $contours->mustBeDrawable();
        } catch (InvalidValue) {
            return ['units' => $units->value, 'contours' => [], 'land' => []];
        }

        return ['units' => $units->value, 'contours' => $contours->lines(), 'land' => $contours->land()];
    }

    public function bottom(): BottomGrid
    {
        return BottomGrid::of(
            $this->grid['south'],
            $this->grid['west'],
            $this->grid['step'],
            array_map(static fn (array $row): array => array_map(floatval(...), $row), $this->grid['rows']),
        );
    }
}
