<?php

declare(strict_types=1);

namespace App\Models\Gear;

use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Parts\Material;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * @property int $id
 * @property string $name
 * @property string $material
 * @property float $test lb
 * @property ?float $colours of leadcore on the reel
 * @property ?string $backing_material
 * @property ?float $backing_test lb
 * @property bool $counter_calibrated
 * @property float $counter_factor what the counter shows for each metre truly out
 * @property ?float $wire_length m of wire on the reel
 * @property bool $retired
 * @property ?float $line_length m of line, or of backing, on the reel
 */
final class Reel extends Model
{
    public const TABLE = 'reels';

    public const ORDER = 'name';

    public $timestamps = false;

    protected $table = self::TABLE;

    protected $fillable = [
        'name',
        'material',
        'test',
        'colours',
        'backing_material',
        'backing_test',
        'counter_calibrated',
        'counter_factor',
        'wire_length',
        'line_length',
        'count',
        'note',
        'retired',
    ];

    protected $casts = [
        'test' => 'float',
        'colours' => 'float',
        'backing_test' => 'float',
        'counter_calibrated' => 'boolean',
        'counter_factor' => 'float',
        'wire_length' => 'float',
        'line_length' => 'float',
        'count' => 'integer',
        'retired' => 'boolean',
    ];

    public function described(): DescribedReel
    {
        return self::ofRow((object) $this->getAttributes());
    }

    /** As a row of its table tells it: what is only looked at is not worth a model. */
    public static function ofRow(stdClass $row): DescribedReel
    {
        $backing = $row->backing_material ?? null;

        return new DescribedReel(
            $row->name, Material::from($row->material), $row->test, $row->colours ?? null, $row->wire_length ?? null,
            $backing === null ? null : Material::from($backing), $row->backing_test ?? null,
            (bool) ($row->counter_calibrated ?? false), $row->counter_factor ?? 1.0, $row->line_length ?? null,
            count: (int) ($row->count ?? 1),
        );
    }
}
