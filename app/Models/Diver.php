<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $size
 * @property bool $ringed
 */
final class Diver extends Model
{
    public $timestamps = false;

    protected $fillable = ['name', 'size', 'ringed'];

    protected $casts = ['ringed' => 'boolean'];
}
