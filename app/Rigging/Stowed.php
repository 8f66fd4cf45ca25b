<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\DescribedAttractor;
use Admek\Core\Tackle\Described\DescribedBall;
use Admek\Core\Tackle\Described\DescribedBoard;
use Admek\Core\Tackle\Described\DescribedDiver;
use Admek\Core\Tackle\Described\DescribedHolder;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\DescribedReel;
use Admek\Core\Tackle\Described\Taught;
use Admek\Core\Tackle\Parts\Attractor as AttractorKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Towing\Side;
use App\Models\Boat;
use App\Models\Gear\Attractor;
use App\Models\Gear\Ball;
use App\Models\Gear\Board;
use App\Models\Gear\Diver;
use App\Models\Gear\Lure;
use App\Models\Gear\Reel;

/** Holders and gear by the ids of their records: a row of a line becomes a described line here, and a described line a row. */
final readonly class Stowed
{
    /**
     * @param  array<int, DescribedHolder>  $holders  port bow round the stern
     * @param  array<int, DescribedReel>  $reels
     * @param  array<int, DescribedBall>  $balls
     * @param  array<int, DescribedDiver>  $divers
     * @param  array<int, DescribedBoard>  $boards
     * @param  array<int, DescribedLure>  $lures
     * @param  array<int, DescribedAttractor>  $attractors
     */
    private function __construct(
        public array $holders, public array $reels, public array $balls, public array $divers, public array $boards,
        public array $lures, public array $attractors,
    ) {
    }

    /** @param  array<int, DescribedHolder>  $holders */
    public static function aboard(Boat $boat, array $holders): self
    {
        return new self(
            $holders,
            StowedRows::of($boat, Reel::TABLE, Reel::ORDER, Reel::ofRow(...)),
            StowedRows::of($boat, Ball::TABLE, Ball::ORDER, Ball::ofRow(...)),
            StowedRows::of($boat, Diver::TABLE, Diver::ORDER, Diver::ofRow(...)),
            StowedRows::of($boat, Board::TABLE, Board::ORDER, Board::ofRow(...)),
            StowedRows::of($boat, Lure::TABLE, Lure::ORDER, Lure::ofRow(...)),
            StowedRows::of($boat, Attractor::TABLE, Attractor::ORDER, Attractor::ofRow(...)),
        );
    }

    /** The same gear, and all that is rigged of it, by what soundings teach; by default figures without. */
    public function taught(?Taught $taught): self
    {
        return new self(
            $this->holders, array_map(static fn (DescribedReel $reel): DescribedReel => $reel->taught($taught), $this->reels),
            $this->balls, $this->divers, $this->boards, $this->lures, $this->attractors,
        );
    }

    /**
     * The same gear with other holders.
     *
     * @param  array<int, DescribedHolder>  $holders
     */
    public function in(array $holders): self
    {
        return new self($holders, $this->reels, $this->balls, $this->divers, $this->boards, $this->lures, $this->attractors);
    }

    /**
     * @return array<string, mixed> every column of it
     *
     * @throws InvalidValue naming what is not aboard
     */
    public function row(DescribedLine $line): array
    {
        // Any of its kind does for one that is not aboard.
        $attractor = ById::goesBy($this->attractors, $line->attractor->name ?? '');

        return [
            'holder_id' => ById::named($this->holders, $line->holder->code, 'holder_id'),
            'reel_id' => ById::named($this->reels, $line->reel->name, 'reel_id'),
            'lure_id' => ById::named($this->lures, $line->lure->name, 'lure_id'),
            'ball_id' => $line->ball === null ? null : ById::named($this->balls, $line->ball->name, 'ball_id'),
            'diver_id' => $line->diver === null ? null : ById::named($this->divers, $line->diver->name, 'diver_id'),
            'board_id' => $line->board === null ? null : ById::named($this->boards, $line->board->name, 'board_id'),
            'rides_on' => $line->ridesOn === null ? null : ById::named($this->holders, $line->ridesOn, 'rides_on'),
            'attractor_id' => $attractor,
        ] + ($attractor === null ? [] : ['attractor' => null]) + LineColumns::of($line);
    }

    /**
     * One of the locker, or any of its kind.
     *
     * @param  array<string, mixed>  $row
     *
     * @throws InvalidValue naming the field
     */
    private function attractor(array $row): ?DescribedAttractor
    {
        $kind = LineColumns::word($row, 'attractor', AttractorKind::class);

        return ById::chosen($this->attractors, $row, 'attractor_id', 'a flasher or dodger in the locker')
            ?? ($kind === null ? null : new DescribedAttractor($kind));
    }

    /**
     * @param  array<string, mixed>  $row
     *
     * @throws InvalidValue naming the field whose record there is not
     */
    public function line(array $row): DescribedLine
    {
        return new DescribedLine(
            ById::one($this->holders, $row['holder_id'] ?? null, 'holder_id', Locker::HOLDER),
            LineColumns::word($row, 'presentation', Presentation::class) ?? throw InvalidValue::because('presentation', 'given'),
            ById::one($this->reels, $row['reel_id'] ?? null, 'reel_id', Locker::REEL),
            ById::one($this->lures, $row['lure_id'] ?? null, 'lure_id', 'a lure in the locker'),
            LineColumns::figures($row),
            ById::chosen($this->balls, $row, 'ball_id', 'a ball in the locker'),
            ById::chosen($this->divers, $row, 'diver_id', 'a diver in the locker'),
            ById::chosen($this->boards, $row, 'board_id', 'a board in the locker'),
            isset($row['rides_on']) ? ById::one($this->holders, $row['rides_on'], 'rides_on', Locker::HOLDER)->code : null,
            LineColumns::word($row, 'leader_material', Material::class),
            $this->attractor($row),
            LineColumns::word($row, 'dial_side', Side::class),
            LineColumns::word($row, 'cable', Material::class),
            array_map(floatval(...), $row['overrides'] ?? []),
        );
    }
}
