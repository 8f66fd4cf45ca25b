<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\Outfitter;
use Admek\Core\Tackle\Catalogue\Pick;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\DescribedLure;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\FigureSheet;

/**
 * The lines of a spread as they are described, and rigged so: what shares a rigger's cable or a mast board's tow line knows
 * of the others. A change is made on what is described and rigged anew, so that what is checked is what is kept.
 */
final readonly class SpreadPlan
{
    /** Where a mast board's tow line leaves a boat nobody has measured, m in the towing frame. */
    private const MAST = [0.0, 0.0, -3.0];

    /**
     * @param  list<DescribedLine>  $described
     * @param  list<PlannedLine>  $lines  the same, rigged
     * @param  array{float, float, float}  $mast
     */
    private function __construct(public array $described, public array $lines, private array $mast)
    {
    }

    /**
     * @param  list<DescribedLine>  $lines
     * @param  array{float, float, float}  $mast  where a mast board's tow line leaves the boat, m in the towing frame
     *
     * @throws InvalidValue whose field is lines.{index}.{field}
     */
    public static function of(array $lines, array $mast = self::MAST): self
    {
        $planned = [];
        foreach ($lines as $i => $line) {
            try {
                $planned[] = self::rigged($line, $lines, $mast);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("lines.{$i}");
            }
        }

        return new self($lines, Shared::introduced($planned), $mast);
    }

    /**
     * The plan of those that can be rigged beside one another.
     *
     * @param  list<DescribedLine>  $lines
     * @param  array{float, float, float}  $mast
     * @return array{self, array<int, InvalidValue>} and why each of the others cannot, by its place in the list
     */
    public static function ofAble(array $lines, array $mast = self::MAST): array
    {
        $unable = [];
        while (true) {
            try {
                return [self::of(array_values($lines), $mast), $unable];
            } catch (InvalidValue $invalid) {
                [$place, $field] = preg_match('/^lines\.(\d+)\.?(.*)$/', $invalid->field, $match) === 1
                    ? [(int) $match[1], $match[2]] : [0, $invalid->field];
                $key = array_keys($lines)[$place];
                $unable[$key] = $invalid->named($field);
                unset($lines[$key]);
            }
        }
    }

    /** @return array<string, string> finish of the lure by holder */
    public function finishes(): array
    {
        $finishes = [];
        foreach ($this->described as $line) {
            $finishes[$line->holder->code] = $line->lure->finish;
        }

        return $finishes;
    }

    /** @throws InvalidValue when that holder has no line */
    public function lineOf(string $holder): PlannedLine
    {
        return $this->lines[$this->indexOf($holder)];
    }

    /** @throws InvalidValue when that holder has no line */
    public function describedOf(string $holder): DescribedLine
    {
        return $this->described[$this->indexOf($holder)];
    }

    /**
     * With one line's control set; a cable let out carries the releases above its ball with it.
     *
     * @throws InvalidValue when it cannot be set
     */
    public function withControl(string $holder, float $value): self
    {
        return $this->with($holder, $this->describedOf($holder)->set($this->lineOf($holder)->rig->control(), $value));
    }

    /**
     * With a board, or its clip, set out so far.
     *
     * @param  float  $out  m
     *
     * @throws InvalidValue when there is no board, or nobody would run it there
     */
    public function withBoardOut(string $holder, float $out): self
    {
        $board = $this->lineOf($holder)->rig->board() ?? throw InvalidValue::because('holder', 'one with a board');

        return $this->with($holder, $this->describedOf($holder)->with([$board->outFigure()->value => $out]));
    }

    /**
     * With two rods in one another's places, each with all that is on it.
     *
     * @throws InvalidValue when one cannot stand there
     */
    public function swapped(string $one, string $other): self
    {
        [$first, $second] = [$this->describedOf($one), $this->describedOf($other)];

        return self::of(array_map(static fn (DescribedLine $line): DescribedLine => match ($line) {
            $first => $first->in($second->holder),
            $second => $second->in($first->holder),
            default => $line,
        }, $this->described), $this->mast);
    }

    /** With a line left in the boat; with its ball there, what is stacked on its cable has nothing to ride. */
    public function without(string $holder): self
    {
        return self::of(array_values(array_filter(
            $this->described,
            static fn (DescribedLine $line): bool => $line->holder->code !== $holder && $line->ridesOn !== $holder,
        )), $this->mast);
    }

    /** @throws InvalidValue when that holder has no line */
    public function withLure(string $holder, DescribedLure $lure): self
    {
        return $this->with($holder, $this->describedOf($holder)->pulling($lure));
    }

    private function with(string $holder, DescribedLine $changed): self
    {
        $lines = $this->described;
        array_splice($lines, $this->indexOf($holder), 1, [$changed]);

        return self::of($lines, $this->mast);
    }

    private function indexOf(string $holder): int
    {
        foreach ($this->described as $i => $line) {
            if ($line->holder->code === $holder) {
                return $i;
            }
        }
        throw InvalidValue::because('holder', 'one with a line');
    }

    /**
     * @param  list<DescribedLine>  $all
     * @param  array{float, float, float}  $mast
     *
     * @throws InvalidValue
     */
    private static function rigged(DescribedLine $line, array $all, array $mast): PlannedLine
    {
        $sheet = new FigureSheet($line->overrides);
        $host = $line->presentation->entry()->picks(Pick::RidesOn) ? self::host($line, $all) : null;
        $rig = (new Outfitter($line, $sheet, $host, $mast))->rig();
        $height = $line->figure(LineFigure::TipHeight);
        if ($height !== null) {
            LineFigure::TipHeight->range()->hold(LineFigure::TipHeight, $height);
        }
        $hung = $rig->cable();
        // A boom end stands where it stands; what rides a cable leaves the boat at its host's.
        $tip = $hung === null ? $line->holder->tip($height) : ($host ?? $line)->holder->tip();
        $counter = PlannedLine::isReadAtHolder($rig) ? $line->holder : $line->reel;
        $planned = new PlannedLine(
            $line->holder->code, $rig, $tip, $counter->counterCalibrated, $line->figure(LineFigure::Aim), $counter->counterFactor,
            $sheet->figures(), $line->reel->taught?->trued($line, $rig),
        );
        try {
            // Limits that involve the tip, a board's line against its height, are the tow line's own.
            $planned->towLine();
        } catch (InvalidValue $invalid) {
            throw $invalid->field === 'board.line_out' ? $invalid->named(LineFigure::BoardOut->value) : $invalid;
        }

        return $planned;
    }

    /** @param  list<DescribedLine>  $all */
    private static function host(DescribedLine $line, array $all): ?DescribedLine
    {
        foreach ($all as $other) {
            if ($other->holder->code === $line->ridesOn && $other->presentation->entry()->picks(Pick::Ball)) {
                return $other;
            }
        }

        return null;
    }
}
