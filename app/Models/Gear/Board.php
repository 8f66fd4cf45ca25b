<?php

declare(strict_types=1);

namespace App\Models\Gear;

use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Parts\BoardSize;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * @property int $id
 * @property string $name
 * @property string $size
 */
final class Board extends Model
{
    public const TABLE = 'boards';

    public const ORDER = 'name';

    public $timestamps = false;

    protected $table = self::TABLE;

    protected $fillable = ['name', 'size', 'count', 'note', 'retired'];

    protected $casts = ['count' => 'integer', 'retired' => 'boolean'];

    public function described(): DescribedBoard
    {
        return self::ofRow((object) $this->getAttributes());
    }

    /** As a row of its table tells it. */
    public static function ofRow(stdClass $row): DescribedBoard
    {
        return new DescribedBoard($row->name, BoardSize::from($row->size), (int) ($row->count ?? 1));
    }
}
