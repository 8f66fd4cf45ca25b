<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $kind
 * @property string $finish
 * @property ?float $rated_depth m
 * @property ?float $rated_lead m
 * @property ?float $rated_line_diameter m
 * @property ?float $rated_speed m/s
 * @property ?float $down_area m², solved from the rated point
 */
final class Lure extends Model
{
    public $timestamps = false;

    protected $fillable = ['name', 'kind', 'finish', 'rated_depth', 'rated_lead', 'rated_line_diameter', 'rated_speed', 'down_area'];

    protected $casts = ['rated_depth' => 'float', 'rated_lead' => 'float', 'rated_line_diameter' => 'float', 'rated_speed' => 'float', 'down_area' => 'float'];
}
