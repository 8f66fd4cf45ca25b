<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A boat as she was once laid out, kept for the trips that were fished so.
 *
 * @property int $id
 * @property float $length m
 * @property float $beam m
 * @property float $mast_aft m
 * @property float $mast_height m above the water
 * @property string $until the day she was changed
 */
final class Layout extends Model
{
    protected $table = 'layouts';

    public $timestamps = false;

    protected $fillable = ['boat_id', 'length', 'beam', 'mast_aft', 'mast_height', 'until'];

    protected $casts = ['length' => 'float', 'beam' => 'float', 'mast_aft' => 'float', 'mast_height' => 'float'];

    /** @return HasMany<Holder, $this> port bow … stern … starboard bow */
    public function holders(): HasMany
    {
        return $this->hasMany(Holder::class)->orderBy(Holder::ORDER);
    }
}
