<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Ground\BottomGrid;
use Illuminate\Database\Eloquent\Model;

/**
 * The bottom as a grid.
 *
 * @property int $id
 * @property string $name
 * @property ?string $source
 * @property array{south: float, west: float, step: float, rows: list<list<float>>} $grid
 */
final class Chart extends Model
{
    protected $table = 'charts';

    public $timestamps = false;

    protected $fillable = ['name', 'source', 'grid'];

    protected $casts = ['grid' => 'array'];

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
