<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Parts\Material;
use Illuminate\Database\Eloquent\Model;

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
 */
final class Reel extends Model
{
    public $timestamps = false;

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
    ];

    protected $casts = [
        'test' => 'float',
        'colours' => 'float',
        'backing_test' => 'float',
        'counter_calibrated' => 'boolean',
        'counter_factor' => 'float',
        'wire_length' => 'float',
    ];

    public function described(): DescribedReel
    {
        return new DescribedReel(
            $this->name, Material::from($this->material), $this->test, $this->colours, $this->wire_length,
            $this->backing_material === null ? null : Material::from($this->backing_material), $this->backing_test,
            $this->counter_calibrated ?? false, $this->counter_factor ?? 1.0,
        );
    }
}
