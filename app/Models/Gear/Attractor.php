<?php

declare(strict_types=1);

namespace App\Models\Gear;

use Admek\Core\Tackle\Described\DescribedAttractor;
use Admek\Core\Tackle\Parts\Attractor as Kind;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/** A flasher or dodger, by its kind. */
final class Attractor extends Model
{
    public const TABLE = 'attractors';

    public const ORDER = 'name';

    protected $table = self::TABLE;

    public $timestamps = false;

    protected $fillable = ['name', 'kind', 'finish', 'count', 'note', 'retired'];

    protected $casts = ['count' => 'integer', 'retired' => 'boolean'];

    /** As a row of its table tells it. */
    public static function ofRow(stdClass $row): DescribedAttractor
    {
        return new DescribedAttractor(Kind::from($row->kind), $row->name);
    }
}
