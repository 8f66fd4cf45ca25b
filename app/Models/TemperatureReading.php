<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property float $depth m
 * @property float $celsius
 */
final class TemperatureReading extends Model
{
    use ReadByTheThousand;

    protected $table = 'temperature_readings';

    public $timestamps = false;

    protected $fillable = ['depth', 'celsius'];

    protected $casts = ['depth' => 'float', 'celsius' => 'float'];
}
