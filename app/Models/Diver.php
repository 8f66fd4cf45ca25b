<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Parts\DiverSize;
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

    public function described(): DescribedDiver
    {
        return new DescribedDiver($this->name, DiverSize::from($this->size), $this->ringed);
    }
}
