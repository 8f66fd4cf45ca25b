<?php

declare(strict_types=1);

namespace App\Models\Gear;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Towing\Lip;
use Illuminate\Database\Eloquent\Model;
use stdClass;

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
 * @property ?float $size m from nose to tail
 * @property ?float $mass kg
 * @property ?string $imitates what bait it looks like (Admek\Core\Tackle\Parts\Forage)
 * @property bool $retired
 * @property ?list<float> $lip how that follows what is doubted (Admek\Core\Towing\Lip)
 */
final class Lure extends Model
{
    public const TABLE = 'lures';

    public const ORDER = 'name';

    public $timestamps = false;

    protected $table = self::TABLE;

    protected $fillable = [
        'name', 'kind', 'finish', 'rated_depth', 'rated_lead', 'rated_line_diameter', 'rated_speed', 'down_area', 'lip',
        'size', 'mass', 'imitates', 'count', 'note', 'retired',
    ];

    protected $casts = [
        'rated_depth' => 'float',
        'rated_lead' => 'float',
        'rated_line_diameter' => 'float',
        'rated_speed' => 'float',
        'down_area' => 'float',
        'lip' => 'array',
        'size' => 'float',
        'mass' => 'float',
        'count' => 'integer',
        'retired' => 'boolean',
    ];

    /**
     * Solves its lip from its rated point, once, so that no preview solves it again.
     *
     * @throws InvalidValue where no lip reaches that point
     */
    public function fitted(): self
    {
        $this->down_area = $this->lip = null;
        if ($this->rated_depth !== null) {
            $bait = $this->described()->lure();
            [$this->down_area, $this->lip] = [$bait->downArea, $bait->lip?->toList()];
        }

        return $this;
    }

    public function described(): DescribedLure
    {
        return self::ofRow((object) $this->getAttributes());
    }

    /** As a row of its table tells it. */
    public static function ofRow(stdClass $row): DescribedLure
    {
        $rated = isset($row->rated_depth, $row->rated_lead, $row->rated_line_diameter, $row->rated_speed)
            ? new RatedPoint($row->rated_depth, $row->rated_lead, $row->rated_line_diameter, $row->rated_speed)
            : null;

        return new DescribedLure(
            $row->name, LureKind::from($row->kind), $row->finish ?? '', $rated, $row->down_area ?? null,
            isset($row->lip) ? Lip::ofList(json_decode($row->lip, true)) : null,
            isset($row->count) ? (int) $row->count : null,
        );
    }
}
