<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\BoardSize;
use Admek\Core\Tackle\DiverPlate;
use Admek\Core\Tackle\DiverSize;
use Admek\Core\Tackle\LeadWeight;
use Admek\Core\Tackle\LineStock;
use Admek\Core\Tackle\Lure as Bait;
use Admek\Core\Tackle\LureKind;
use Admek\Core\Tackle\Material;
use Admek\Core\Tackle\RatedPoint;
use App\Models\Ball;
use App\Models\Board;
use App\Models\Boat;
use App\Models\Diver;
use App\Models\Holder;
use App\Models\Lure;
use App\Models\Reel;

/** The boat's gear as the core's own values, looked up by record id. */
final readonly class Locker
{
    /**
     * @param  array<int, Holder>  $holders
     * @param  array<int, Reel>  $reels
     * @param  array<int, Ball>  $balls
     * @param  array<int, Diver>  $divers
     * @param  array<int, Board>  $boards
     * @param  array<int, Lure>  $lures
     */
    private function __construct(
        private array $holders,
        private array $reels,
        private array $balls,
        private array $divers,
        private array $boards,
        private array $lures,
    ) {
    }

    public static function of(Boat $boat): self
    {
        return new self(
            $boat->holders->keyBy('id')->all(),
            $boat->reels->keyBy('id')->all(),
            $boat->balls->keyBy('id')->all(),
            $boat->divers->keyBy('id')->all(),
            $boat->boards->keyBy('id')->all(),
            $boat->lures->keyBy('id')->all(),
        );
    }

    public function holder(?int $id): Holder
    {
        return $this->holders[$id ?? 0] ?? throw self::missing('holder_id', 'a holder of this boat');
    }

    public function reel(?int $id): Reel
    {
        return $this->reels[$id ?? 0] ?? throw self::missing('reel_id', 'a reel in the locker');
    }

    public function lureRecord(?int $id): Lure
    {
        return $this->lures[$id ?? 0] ?? throw self::missing('lure_id', 'a lure in the locker');
    }

    public function main(Reel $reel): LineStock
    {
        return LineStock::of(Material::from($reel->material), $reel->test);
    }

    /** What is spooled under the core; braid of 30 lb where the captain has not said. */
    public function backing(Reel $reel): LineStock
    {
        return LineStock::of(Material::from($reel->backing_material ?? Material::Braid->value), $reel->backing_test ?? 30.0);
    }

    public function ball(?int $id): LeadWeight
    {
        $ball = $this->balls[$id ?? 0] ?? throw self::missing('ball_id', 'a ball in the locker');

        return new LeadWeight($ball->mass);
    }

    public function diver(?int $id): DiverPlate
    {
        $diver = $this->divers[$id ?? 0] ?? throw self::missing('diver_id', 'a diver in the locker');

        return DiverPlate::of(DiverSize::from($diver->size), $diver->ringed);
    }

    public function board(?int $id): BoardSize
    {
        $board = $this->boards[$id ?? 0] ?? throw self::missing('board_id', 'a board in the locker');

        return BoardSize::from($board->size);
    }

    public function lure(?int $id): Bait
    {
        return self::bait($this->lureRecord($id));
    }

    public static function bait(Lure $lure): Bait
    {
        $bait = Bait::ofKind(LureKind::from($lure->kind));
        $rated = self::ratedPoint($lure);

        return match (true) {
            $rated === null => $bait,
            $lure->down_area === null => $bait->ratedAt($rated),
            default => $bait->withDownArea($lure->down_area, $rated),
        };
    }

    private static function ratedPoint(Lure $lure): ?RatedPoint
    {
        if ($lure->rated_depth === null || $lure->rated_lead === null || $lure->rated_line_diameter === null || $lure->rated_speed === null) {
            return null;
        }

        return new RatedPoint($lure->rated_depth, $lure->rated_lead, $lure->rated_line_diameter, $lure->rated_speed);
    }

    private static function missing(string $field, string $what): InvalidValue
    {
        return InvalidValue::because($field, "the id of {$what}");
    }
}
