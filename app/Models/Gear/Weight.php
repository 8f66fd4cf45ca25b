<?php

declare(strict_types=1);

namespace App\Models\Gear;

use Illuminate\Database\Eloquent\Model;

/** A clip or bottom weight, by its mass in kg. */
final class Weight extends Model
{
    public const ORDER = 'mass';

    protected $table = 'weights';

    public $timestamps = false;

    protected $fillable = ['name', 'mass', 'count', 'note', 'retired'];

    protected $casts = ['mass' => 'float', 'count' => 'integer', 'retired' => 'boolean'];
}
