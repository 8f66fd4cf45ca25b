<?php

declare(strict_types=1);

namespace App\Models\Gear;

use Illuminate\Database\Eloquent\Model;

/** Leaders tied, or stock to tie them from; test in lb, length in m. */
final class Leader extends Model
{
    public const ORDER = 'name';

    protected $table = 'leaders';

    public $timestamps = false;

    protected $fillable = ['name', 'material', 'test', 'length', 'count', 'note', 'retired'];

    protected $casts = ['test' => 'float', 'length' => 'float', 'count' => 'integer', 'retired' => 'boolean'];
}
