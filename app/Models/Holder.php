<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Boat\Hull;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Towing\Side;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * A rod holder or a rigger's boom, by its place along the rail (port bow first).
 *
 * @property int $id
 * @property string $code
 * @property string $side port, centre or starboard
 * @property string $kind rod or boom
 * @property int $place
 * @property float $aft m, of the rod tip or boom end
 * @property float $starboard m
 * @property float $height m above the water
 * @property bool $counter_calibrated whether the counter of its rigger has been checked
 * @property float $counter_factor what that counter shows for each metre truly out
 */
final class Holder extends Model
{
    public const TABLE = 'holders';

    public const ORDER = 'place';

    public $timestamps = false;

    protected $table = self::TABLE;

    protected $fillable = [
        'layout_id', 'code', 'side', 'kind', 'place', 'aft', 'starboard', 'height', 'counter_calibrated', 'counter_factor',
    ];

    protected $casts = [
        'place' => 'integer',
        'aft' => 'float',
        'starboard' => 'float',
        'height' => 'float',
        'counter_calibrated' => 'boolean',
        'counter_factor' => 'float',
    ];

    public function described(): DescribedHolder
    {
        return self::ofRow((object) $this->getAttributes());
    }

    /** @return array<string, mixed> the columns that tell of it */
    public static function rowOf(DescribedHolder $holder): array
    {
        return [
            'code' => $holder->code, 'side' => $holder->side->value ?? Hull::AMIDSHIPS, 'kind' => $holder->kind->value,
            'aft' => $holder->aft, 'starboard' => $holder->starboard, 'height' => $holder->height,
            'counter_calibrated' => $holder->counterCalibrated, 'counter_factor' => $holder->counterFactor,
        ];
    }

    /** As a row of its table tells it. */
    public static function ofRow(stdClass $row): DescribedHolder
    {
        return new DescribedHolder(
            $row->code, Side::tryFrom($row->side), HolderKind::from($row->kind), $row->aft, $row->starboard, $row->height,
            (bool) ($row->counter_calibrated ?? false), $row->counter_factor ?? 1.0,
        );
    }

    /**
     * What is told by holders' codes, as they stand round the rail; what is there no more comes after them.
     *
     * @template T
     *
     * @param  array<array-key, T>  $byCode
     * @return array<array-key, T>
     */
    public static function round(Boat $boat, array $byCode): array
    {
        $rail = array_flip($boat->holders->pluck('code')->all());
        uksort($byCode, static fn (int|string $a, int|string $b): int => ($rail[$a] ?? 99) <=> ($rail[$b] ?? 99));

        return $byCode;
    }
}
