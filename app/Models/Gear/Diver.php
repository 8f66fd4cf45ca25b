<?php

declare(strict_types=1);

namespace App\Models\Gear;

use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Parts\DiverSize;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * @property int $id
 * @property string $name
 * @property string $size
 * @property bool $ringed
 */
final class Diver extends Model
{
    public const TABLE = 'divers';

    public const ORDER = 'name';

    public $timestamps = false;

    protected $table = self::TABLE;

    protected $fillable = ['name', 'size', 'ringed', 'count', 'note', 'retired'];

    protected $casts = ['ringed' => 'boolean', 'count' => 'integer', 'retired' => 'boolean'];

    public function described(): DescribedDiver
    {
        return self::ofRow((object) $this->getAttributes());
    }

    /** As a row of its table tells it. */
    public static function ofRow(stdClass $row): DescribedDiver
    {
        return new DescribedDiver($row->name, DiverSize::from($row->size), (bool) $row->ringed, (int) ($row->count ?? 1));
    }
}
