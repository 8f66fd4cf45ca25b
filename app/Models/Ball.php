<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property float $mass kg
 */
final class Ball extends Model
{
    public $timestamps = false;

    protected $fillable = ['name', 'mass'];

    protected $casts = ['mass' => 'float'];
}
