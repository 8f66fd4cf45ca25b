<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property string $species
 * @property float $top m
 * @property float $bottom m
 * @property float $weight against the other bands'
 */
final class TargetBand extends Model
{
    use ReadByTheThousand;

    protected $table = 'target_bands';

    public $timestamps = false;

    protected $fillable = ['species', 'top', 'bottom', 'weight'];

    protected $casts = ['top' => 'float', 'bottom' => 'float', 'weight' => 'float'];
}
