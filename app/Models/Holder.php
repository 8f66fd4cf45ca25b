<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Towing\Side;
use Illuminate\Database\Eloquent\Model;

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
    public $timestamps = false;

    protected $fillable = ['code', 'side', 'kind', 'place', 'aft', 'starboard', 'height', 'counter_calibrated', 'counter_factor'];

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
        return new DescribedHolder(
            $this->code, Side::tryFrom($this->side), HolderKind::from($this->kind), $this->aft, $this->starboard, $this->height,
            $this->counter_calibrated ?? false, $this->counter_factor ?? 1.0,
        );
    }
}
