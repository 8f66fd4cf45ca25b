<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Description;
use Admek\Core\Tackle\Catalogue\Outfitter;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\FigureSheet;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Rigs\Bouncer;
use Admek\Core\Tackle\Rigs\ClipWeight;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\Dropper;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\FlatRun;
use Admek\Core\Tackle\Rigs\InlineBoard;
use Admek\Core\Tackle\Rigs\Leadcore;
use Admek\Core\Tackle\Rigs\MastBoard;
use Admek\Core\Tackle\Rigs\Release;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Tackle\Rigs\SegmentedCore;
use Admek\Core\Tackle\Rigs\TrailingRig;
use Admek\Core\Tackle\Rigs\Wire;

/**
 * Turns the lines of a spread, each described by its figures and the gear it is rigged with, into planned lines; what
 * shares a rigger's cable or a mast board's tow line learns of the others here.
 */
final readonly class LineBuilder
{
    /** Wire a reel holds where the captain has not said, m. */
    private const WIRE_ON_REEL = 91.44;

    /**
     * @param  list<array<string, mixed>>  $lines  each with a holder, a reel, a lure and what its presentation needs, as {@see Description}
     * @param  array{float, float, float}  $mast  where a mast board's tow line leaves the boat, m in the towing frame
     * @return list<PlannedLine> in the same order
     *
     * @throws InvalidValue whose field is lines.{index}.{field}
     */
    public static function all(array $lines, array $mast = [0.0, 0.0, -3.0]): array
    {
        $descriptions = array_map(static fn (array $line): Description => new Description($line), $lines);
        $builder = new self($descriptions, $mast);
        $planned = [];
        foreach ($descriptions as $i => $description) {
            try {
                $planned[] = $builder->one($description);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("lines.{$i}");
            }
        }

        return Shared::introduced($planned);
    }

    /**
     * @param  list<Description>  $all
     * @param  array{float, float, float}  $mast
     */
    private function __construct(private array $all, private array $mast)
    {
    }

    /** @throws InvalidValue */
    private function one(Description $line): PlannedLine
    {
        $sheet = new FigureSheet($line->numbers('overrides'));
        $outfit = new Outfitter($line, $sheet);
        $holder = $line->part('holder');
        $presentation = $outfit->presentation();
        if (! $presentation->fits($holder->text('kind'))) {
            throw InvalidValue::because('holder_id', $presentation === Presentation::Rigger ? 'a holder with a rigger boom' : 'a holder that takes a rod');
        }
        $rig = $this->rig($presentation, $line, $outfit);
        $height = $holder->numberOr('height', 0.0);
        if ($presentation !== Presentation::Rigger && $line->has('tip_height')) {
            $height = $line->number('tip_height');
            InvalidValue::unlessBetween('tip_height', $height, 0, 10, 'm');
        }
        $tip = [$holder->number('aft'), $holder->number('starboard'), -$height];
        if ($rig instanceof Downrigger && $rig->stacked()) {
            $host = $this->host($line)->part('holder');
            $tip = [$host->number('aft'), $host->number('starboard'), -$host->number('height')];
        }
        $counter = $rig instanceof Downrigger && ! $rig->stacked() ? $holder : $line->part('reel');
        $planned = new PlannedLine(
            $holder->text('code'), $rig, $tip, $counter->flag('counter_calibrated'),
            $line->has('aim') ? $line->number('aim') : null, $counter->numberOr('counter_factor', 1.0), $sheet->figures(),
        );
        // Limits that involve the tip (a board's line against its height) are the tow line's own.
        $planned->towLine();

        return $planned;
    }

    private function rig(Presentation $presentation, Description $line, Outfitter $outfit): Rig
    {
        return match ($presentation) {
            Presentation::Rigger => new Downrigger($outfit->ball(), $outfit->cable(), $line->number('let_out'), self::release($line, $outfit, 0.0), cableOf: $line->part('holder')->text('code')),
            Presentation::Stacker => $this->stacker($line, $outfit),
            Presentation::Diver => new Diver(
                $outfit->diver(), $line->number('dial'), $outfit->side(), $outfit->main(), $line->number('let_out'),
                $outfit->leader() ?? throw InvalidValue::because('leader_length', 'given for a diver'), $outfit->lure(),
            ),
            Presentation::Bouncer => new Bouncer(
                $outfit->main(), new LeadWeight($line->number('weight_mass')), $line->number('let_out'),
                $outfit->leader() ?? throw InvalidValue::because('leader_length', 'given: a bouncer’s snell'), $outfit->lure(),
            ),
            Presentation::Dropper => new Dropper(
                $outfit->main(), new LeadWeight($line->number('weight_mass')), $line->number('dropper_length'), $line->number('let_out'),
                $outfit->leader() ?? throw InvalidValue::because('leader_length', 'given for a three-way'), $outfit->lure(),
            ),
            default => $this->behindBoard($line, $outfit, self::trailing($presentation, $line, $outfit)),
        };
    }

    private static function trailing(Presentation $presentation, Description $line, Outfitter $outfit): TrailingRig
    {
        $reel = $line->part('reel');
        [$main, $leader, $lure] = [$outfit->main(), $outfit->leader(), $outfit->lure()];

        return match ($presentation) {
            Presentation::Core => new Leadcore($main, $line->number('colours'), $reel->numberOr('colours', 10.0), $outfit->backing(), $line->number('backing'), $leader, $lure),
            Presentation::Segment => new SegmentedCore($main, $line->number('colours'), $outfit->backing(), $line->number('lead'), $line->number('let_out'), $leader, $lure),
            Presentation::Wire => new Wire($main, $line->number('let_out'), $reel->numberOr('wire_length', self::WIRE_ON_REEL), $outfit->backing(), $line->number('backing'), $leader, $lure),
            Presentation::Clip => new ClipWeight($main, new LeadWeight($line->number('weight_mass')), $line->number('lead'), $line->number('let_out'), $leader, $lure),
            Presentation::Wash => new FlatLine($main, $line->number('let_out'), $leader, $lure, FlatRun::Wash),
            Presentation::DownRod => new FlatLine($main, $line->number('let_out'), $leader, $lure, FlatRun::DownRod),
            default => new FlatLine($main, $line->number('let_out'), $leader, $lure),
        };
    }

    private function behindBoard(Description $line, Outfitter $outfit, TrailingRig $trailing): Rig
    {
        if (! $line->has('board')) {
            return $trailing;
        }
        if (! $outfit->presentation()->takesBoard()) {
            throw InvalidValue::because('board_id', 'none for this presentation');
        }
        $planer = $outfit->planer();
        if ($line->part('board')->text('size') === BoardSize::Mast->value) {
            return new MastBoard($planer, $outfit->side(), $this->mast, $line->number('board_out'), $line->number('clip_out'), $trailing);
        }
        InvalidValue::unlessBetween('board_out', $line->number('board_out'), 5, 150, 'm');

        return new InlineBoard($planer, $outfit->side(), $line->number('board_out'), $trailing);
    }

    private function stacker(Description $line, Outfitter $outfit): Downrigger
    {
        $host = $this->host($line);
        $parts = new Outfitter($host, new FigureSheet($host->numbers('overrides')));
        InvalidValue::unlessBetween('above', $line->number('above'), 0.3, $host->number('let_out'), 'm');

        return new Downrigger(
            $parts->ball(), $parts->cable(), $host->number('let_out'),
            self::release($line, $outfit, $line->number('above')), cableOf: $line->text('rides_on'),
        );
    }

    /** @throws InvalidValue when the cable it rides is not in the spread */
    private function host(Description $line): Description
    {
        $code = $line->text('rides_on');
        foreach ($this->all as $other) {
            if ($other->part('holder')->text('code') === $code && $other->text('presentation') === Presentation::Rigger->value) {
                return $other;
            }
        }
        throw InvalidValue::because('rides_on', 'a boom with a rigger’s ball down in this spread');
    }

    private static function release(Description $line, Outfitter $outfit, float $above): Release
    {
        return new Release($above, $line->number('lead'), $outfit->main(), $outfit->leader(), $outfit->lure());
    }
}
