<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Tackle\Described\DescribedBall;
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

    public function described(): DescribedBall
    {
        return new DescribedBall($this->name, $this->mass);
    }
}
