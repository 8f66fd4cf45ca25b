<?php

declare(strict_types=1);

namespace App\Models\Gear;

use Admek\Core\Tackle\Described\DescribedBall;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * @property int $id
 * @property string $name
 * @property float $mass kg
 */
final class Ball extends Model
{
    public const TABLE = 'balls';

    public const ORDER = 'mass';

    public $timestamps = false;

    protected $table = self::TABLE;

    protected $fillable = ['name', 'mass', 'count', 'note', 'retired'];

    protected $casts = ['mass' => 'float', 'count' => 'integer', 'retired' => 'boolean'];

    public function described(): DescribedBall
    {
        return self::ofRow((object) $this->getAttributes());
    }

    /** As a row of its table tells it. */
    public static function ofRow(stdClass $row): DescribedBall
    {
        return new DescribedBall($row->name, $row->mass, (int) ($row->count ?? 1));
    }
}
