<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\PlannedLine;
use Admek\Core\Tackle\Attractor;
use Admek\Core\Tackle\ClipWeight;
use Admek\Core\Tackle\Diver;
use Admek\Core\Tackle\Downrigger;
use Admek\Core\Tackle\FlatLine;
use Admek\Core\Tackle\InlineBoard;
use Admek\Core\Tackle\Leadcore;
use Admek\Core\Tackle\Leader;
use Admek\Core\Tackle\LeadWeight;
use Admek\Core\Tackle\LineStock;
use Admek\Core\Tackle\Material;
use Admek\Core\Tackle\Presentation;
use Admek\Core\Tackle\Rig;
use Admek\Core\Tackle\TrailingRig;
use Admek\Core\Towing\Side;
use App\Models\Boat;
use App\Models\Holder;
use App\Models\Reel;
use App\Models\Spread;
use App\Models\SpreadLine;

/** Turns a spread's line, as stored or sent, into the core's planned line. */
final readonly class RigBuilder
{
    public function __construct(private Locker $locker)
    {
    }

    /**
     * The lines of a spread as it is kept.
     *
     * @return list<PlannedLine>
     *
     * @throws InvalidValue
     */
    public static function kept(Spread $spread, Boat $boat): array
    {
        $lines = $spread->lines->map(static fn (SpreadLine $line): array => $line->attributesToArray());

        return (new self(Locker::of($boat)))->all(array_values($lines->all()));
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @return list<PlannedLine>
     *
     * @throws InvalidValue whose field is lines.{index}.{field}
     */
    public function all(array $lines): array
    {
        $planned = [];
        foreach ($lines as $i => $line) {
            $planned[] = $this->one($line, "lines.{$i}");
        }

        return $planned;
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  string  $where  what its complaints are prefixed with
     *
     * @throws InvalidValue
     */
    public function one(array $line, string $where): PlannedLine
    {
        try {
            $figures = new LineFigures($line);
            $holder = $this->locker->holder($figures->id('holder_id'));
            $reel = $this->locker->reel($figures->id('reel_id'));
            $planned = new PlannedLine($holder->code, $this->rig($figures, $holder, $reel), $holder->tip(), $reel->counter_calibrated);
            // Limits that involve the tip (a board's line against its height) are the tow line's own.
            $planned->towLine();

            return $planned;
        } catch (InvalidValue $invalid) {
            throw $invalid->within($where);
        }
    }

    private function rig(LineFigures $figures, Holder $holder, Reel $reel): Rig
    {
        $presentation = Presentation::from($figures->text('presentation'));
        $lure = $this->locker->lure($figures->id('lure_id'));
        $leader = $this->leader($figures);
        $main = $this->locker->main($reel);
        if ($main->material === Material::Leadcore && $presentation !== Presentation::Core) {
            throw InvalidValue::because('reel_id', 'a reel without leadcore for this presentation');
        }
        if ($presentation === Presentation::Rigger) {
            if ($holder->kind !== 'boom') {
                throw InvalidValue::because('holder_id', 'a holder with a rigger boom');
            }

            return new Downrigger(
                $this->locker->ball($figures->id('ball_id')), LineStock::of(Material::RiggerCable, 150),
                $figures->number('let_out'), $figures->number('lead'), $main, $leader, $lure,
            );
        }
        if ($presentation === Presentation::Diver) {
            return new Diver(
                $this->locker->diver($figures->id('diver_id')), $figures->number('dial'), self::side($holder), $main,
                $figures->number('let_out'), $leader ?? throw InvalidValue::because('leader', 'given for a diver'), $lure,
            );
        }
        $trailing = $this->trailing($presentation, $figures, $reel, $main, $leader, $lure);
        if ($figures->id('board_id') === null) {
            return $trailing;
        }

        return new InlineBoard($this->locker->board($figures->id('board_id')), self::side($holder), $figures->number('board_out'), $trailing);
    }

    private function trailing(Presentation $presentation, LineFigures $figures, Reel $reel, LineStock $main, ?Leader $leader, \Admek\Core\Tackle\Lure $lure): TrailingRig
    {
        return match ($presentation) {
            Presentation::Core => new Leadcore(
                $main, $figures->number('colours'), $reel->colours ?? 10.0,
                $this->locker->backing($reel), $figures->number('backing'), $leader, $lure,
            ),
            Presentation::Clip => new ClipWeight(
                $main, new LeadWeight($figures->number('clip_mass')), $figures->number('lead'), $figures->number('let_out'), $leader, $lure,
            ),
            default => new FlatLine($main, $figures->number('let_out'), $leader, $lure),
        };
    }

    private function leader(LineFigures $figures): ?Leader
    {
        if (! $figures->has('leader_length')) {
            if ($figures->has('attractor')) {
                throw InvalidValue::because('leader_length', 'given behind a flasher or dodger');
            }

            return null;
        }

        return new Leader(
            LineStock::of(Material::from($figures->text('leader_material')), $figures->number('leader_test')),
            $figures->number('leader_length'),
            $figures->has('attractor') ? Attractor::from($figures->text('attractor')) : null,
        );
    }

    private static function side(Holder $holder): Side
    {
        return Side::tryFrom($holder->side) ?? throw InvalidValue::because('holder_id', 'a holder on the port or starboard side');
    }
}
