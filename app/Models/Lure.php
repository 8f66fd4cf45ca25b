<?php

declare(strict_types=1);

namespace App\Models;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\RatedPoint;
use Admek\Core\Towing\Lip;
use Illuminate\Database\Eloquent\Model;

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
 * @property ?list<float> $lip how that follows what is doubted (Admek\Core\Towing\Lip)
 */
final class Lure extends Model
{
    public $timestamps = false;

    protected $fillable = [
        'name', 'kind', 'finish', 'rated_depth', 'rated_lead', 'rated_line_diameter', 'rated_speed', 'down_area', 'lip',
    ];

    protected $casts = [
        'rated_depth' => 'float',
        'rated_lead' => 'float',
        'rated_line_diameter' => 'float',
        'rated_speed' => 'float',
        'down_area' => 'float',
        'lip' => 'array',
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
        $rated = $this->rated_depth === null
            || $this->rated_lead === null
            || $this->rated_line_diameter === null
            || $this->rated_speed === null
            ? null
            : new RatedPoint($this->rated_depth, $this->rated_lead, $this->rated_line_diameter, $this->rated_speed);

        return new DescribedLure(
            $this->name, LureKind::from($this->kind), $this->finish, $rated, $this->down_area,
            $this->lip === null ? null : Lip::ofList($this->lip),
        );
    }
}
