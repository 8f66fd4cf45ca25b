<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\Ground\Place;
use Admek\Core\Ground\Structure as Ground;
use Admek\Core\Ground\StructureKind;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Something on the ground worth fishing.
 *
 * @property int $id
 * @property string $name
 * @property string $kind
 * @property non-empty-list<array{float, float}> $places latitude and longitude
 * @property ?string $source
 * @property CarbonImmutable $made_at
 */
final class Structure extends Model
{
    protected $table = 'structures';

    public $timestamps = false;

    protected $fillable = ['name', 'kind', 'places', 'source', 'made_at'];

    protected $casts = ['places' => 'array', 'made_at' => 'immutable_datetime'];

    public function asGround(): Ground
    {
        return new Ground(
            $this->name,
            StructureKind::from($this->kind),
            array_map(static fn (array $at): Place => new Place(...$at), $this->places),
        );
    }
}
