<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Parts\BoardSize;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $size
 */
final class Board extends Model
{
    public $timestamps = false;

    protected $fillable = ['name', 'size'];

    public function described(): DescribedBoard
    {
        return new DescribedBoard($this->name, BoardSize::from($this->size));
    }
}
