<?php

declare(strict_types=1);

namespace App\Models;

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
 */
final class Reel extends Model
{
    public $timestamps = false;

    protected $fillable = ['name', 'material', 'test', 'colours', 'backing_material', 'backing_test', 'counter_calibrated'];

    protected $casts = ['test' => 'float', 'colours' => 'float', 'backing_test' => 'float', 'counter_calibrated' => 'boolean'];
}
