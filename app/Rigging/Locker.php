<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Description;
use Admek\Core\Tackle\Catalogue\Outfitter;
use Admek\Core\Tackle\Parts\FigureSheet;
use Admek\Core\Tackle\Parts\Lure as Bait;
use App\Models\Ball;
use App\Models\Board;
use App\Models\Boat;
use App\Models\Diver;
use App\Models\Holder;
use App\Models\Lure;
use App\Models\Reel;
use App\Models\SpreadLine;

/** The boat's gear, looked up by record id, and a line of it described with all it is rigged with. */
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
        public array $lures,
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

    /**
     * A stored or sent line with its records in place of their ids, as the core and the spread's file know it.
     *
     * @param  array<string, mixed>  $line
     * @return array<string, mixed>
     *
     * @throws InvalidValue naming the field whose record there is not
     */
    public function described(array $line): array
    {
        $described = array_filter(array_intersect_key($line, array_flip(['presentation', ...SpreadLine::FIGURES, ...SpreadLine::WORDS, 'overrides'])), static fn (mixed $figure): bool => $figure !== null);
        $described['holder'] = self::holderShape($this->holder($line['holder_id'] ?? null));
        $described['reel'] = self::reelShape($this->reel($line['reel_id'] ?? null));
        $described['lure'] = self::lure($this->lureRecord($line['lure_id'] ?? null));
        if (isset($line['rides_on'])) {
            $described['rides_on'] = $this->one($this->holders, $line['rides_on'], 'rides_on', 'a holder of this boat')->code;
        }
        if (isset($line['ball_id'])) {
            $described['ball'] = $this->one($this->balls, $line['ball_id'], 'ball_id', 'a ball in the locker')->only(['name', 'mass']);
        }
        if (isset($line['diver_id'])) {
            $described['diver'] = $this->one($this->divers, $line['diver_id'], 'diver_id', 'a diver in the locker')->only(['name', 'size', 'ringed']);
        }
        if (isset($line['board_id'])) {
            $described['board'] = $this->one($this->boards, $line['board_id'], 'board_id', 'a board in the locker')->only(['name', 'size']);
        }

        return $described;
    }

    /**
     * A description's line with the ids of the records it names; holders go by their codes, gear by its name.
     *
     * @param  array<string, mixed>  $described
     * @return array<string, mixed>
     *
     * @throws InvalidValue naming the part there is not
     */
    public function row(array $described): array
    {
        $row = array_intersect_key($described, array_flip(['presentation', ...SpreadLine::FIGURES, ...SpreadLine::WORDS, 'overrides']));
        $row['holder_id'] = $this->named($this->holders, $described['holder']['code'], 'code', 'holder_id');
        foreach (['reel' => $this->reels, 'lure' => $this->lures, 'ball' => $this->balls, 'diver' => $this->divers, 'board' => $this->boards] as $part => $records) {
            if (isset($described[$part])) {
                $row["{$part}_id"] = $this->named($records, $described[$part]['name'], 'name', "{$part}_id");
            }
        }
        if (isset($described['rides_on'])) {
            $row['rides_on'] = $this->named($this->holders, $described['rides_on'], 'code', 'rides_on');
        }

        return $row;
    }

    /**
     * What of the gear aboard there is, as descriptions know it.
     *
     * @return array<string, list<array<string, mixed>>>
     */
    public function gear(): array
    {
        return [
            'reel' => array_values(array_map(self::reelShape(...), $this->reels)),
            'lure' => array_values(array_map(self::lure(...), $this->lures)),
            'ball' => array_values(array_map(static fn (Ball $ball): array => $ball->only(['name', 'mass']), $this->balls)),
            'diver' => array_values(array_map(static fn (Diver $diver): array => $diver->only(['name', 'size', 'ringed']), $this->divers)),
            'board' => array_values(array_map(static fn (Board $board): array => $board->only(['name', 'size']), $this->boards)),
        ];
    }

    /** @return list<array<string, mixed>> port bow round the stern */
    public function holderShapes(): array
    {
        return array_values(array_map(self::holderShape(...), $this->holders));
    }

    /** @return array<string, mixed> */
    private static function holderShape(Holder $holder): array
    {
        return $holder->only(['code', 'side', 'kind', 'aft', 'starboard', 'height', 'counter_calibrated', 'counter_factor']);
    }

    /** @return array<string, mixed> */
    private static function reelShape(Reel $reel): array
    {
        return $reel->only(['name', 'material', 'test', 'colours', 'wire_length', 'backing_material', 'backing_test', 'counter_calibrated', 'counter_factor']);
    }

    /** @param  array<int, \Illuminate\Database\Eloquent\Model>  $records */
    private function named(array $records, string $name, string $by, string $field): int
    {
        foreach ($records as $id => $record) {
            if ($record->getAttribute($by) === $name) {
                return $id;
            }
        }
        throw InvalidValue::because($field, "the name of what is aboard, not {$name}");
    }

    public function holder(mixed $id): Holder
    {
        return $this->one($this->holders, $id, 'holder_id', 'a holder of this boat');
    }

    public function reel(mixed $id): Reel
    {
        return $this->one($this->reels, $id, 'reel_id', 'a reel in the locker');
    }

    public function lureRecord(mixed $id): Lure
    {
        return $this->one($this->lures, $id, 'lure_id', 'a lure in the locker');
    }

    /** @return array<string, mixed> */
    public static function lure(Lure $lure): array
    {
        $rated = $lure->rated_depth === null ? null : [
            'depth' => $lure->rated_depth, 'lead' => $lure->rated_lead, 'line_diameter' => $lure->rated_line_diameter, 'speed' => $lure->rated_speed,
        ];

        return ['rated' => $rated] + $lure->only(['name', 'kind', 'finish', 'down_area', 'lip']);
    }

    public static function bait(Lure $lure): Bait
    {
        return (new Outfitter(new Description(['lure' => self::lure($lure)]), new FigureSheet))->lure();
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  array<int, T>  $records
     * @return T
     */
    private function one(array $records, mixed $id, string $field, string $what): \Illuminate\Database\Eloquent\Model
    {
        return $records[is_int($id) ? $id : 0] ?? throw InvalidValue::because($field, "the id of {$what}");
    }
}
