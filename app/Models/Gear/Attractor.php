<?php

declare(strict_types=1);

namespace App\Models\Gear;

use Illuminate\Database\Eloquent\Model;

/** A flasher or dodger, by its sort. */
final class Attractor extends Model
{
    public const ORDER = 'name';

    protected $table = 'attractors';

    public $timestamps = false;

    protected $fillable = ['name', 'kind', 'finish', 'count', 'note', 'retired'];

    protected $casts = ['count' => 'integer', 'retired' => 'boolean'];
}
