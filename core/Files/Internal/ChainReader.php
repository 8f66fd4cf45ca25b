<?php

declare(strict_types=1);

namespace Admek\Core\Files\Internal;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\Board;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Closure;

/** Reads the lines of a tow case, and of a manoeuvre, whose bodies and boards have a mass besides. */
final readonly class ChainReader
{
    /** Branches may hang on branches, but not without end. */
    private const MOST_NESTED = 16;

    /** @param  bool  $inMotion  whether every body and board must say its mass */
    private function __construct(private bool $inMotion)
    {
    }

    /**
     * @param  CaseReader  $case  of the object whose "lines" they are
     * @return non-empty-list<TowLine>
     *
     * @throws InvalidValue whose field is the JSON path
     */
    public static function lines(CaseReader $case, bool $inMotion = false): array
    {
        $reader = new self($inMotion);
        $lines = $ids = [];
        foreach ($case->items('lines') as $item) {
            $line = $reader->line($item);
            if (isset($ids[$line->id])) {
                throw InvalidValue::because($item->path('id'), 'unique among the lines');
            }
            $ids[$line->id] = true;
            $lines[] = $line;
        }

        return $lines;
    }

    /** @return list<string> the keys that only what is moved has */
    private function moved(): array
    {
        return $this->inMotion ? ['mass'] : [];
    }

    private function mass(CaseReader $figures): float
    {
        return $this->inMotion ? $figures->number('mass') : 0.0;
    }

    private function line(CaseReader $line): TowLine
    {
        $line->keys(['id', 'tow_point', 'chain']);
        $id = $line->text('id');
        $point = $line->value('tow_point');
        if (! is_array($point) || ! array_is_list($point) || count($point) !== 3) {
            throw InvalidValue::because($line->path('tow_point'), 'a list of three numbers: aft, starboard, down (m)');
        }
        $place = $line->at('tow_point');
        $towPoint = [$place->number(0), $place->number(1), $place->number(2)];
        $parts = $line->items('chain');
        $board = null;
        $last = $parts[count($parts) - 1];
        if ($last->has('board')) {
            array_pop($parts);
            $board = $this->board($last->keys(['board'])->at('board'));
            if ($parts === []) {
                throw InvalidValue::because($line->path('chain'), 'a list with a part ahead of the board');
            }
        }
        $chain = array_map(fn (CaseReader $part): Element => $this->element($part, 0), $parts);
        $built = self::built($line->path(), fn (): TowLine => new TowLine($id, $towPoint, $chain, $board));
        self::refuseForceless($line, $chain);

        return $built;
    }

    private function element(CaseReader $part, int $nested): Element
    {
        $kind = $part->oneOf(['body', 'line', 'branch']);
        if ($kind === 'branch') {
            if ($nested === self::MOST_NESTED) {
                throw InvalidValue::because($part->path(), 'nested no deeper than '.self::MOST_NESTED.' branches');
            }
            $elements = array_map(fn (CaseReader $p): Element => $this->element($p, $nested + 1), $part->items('branch'));
            self::refuseForceless($part->at('branch'), $elements);

            return new Branch($elements);
        }
        $figures = $part->at($kind);
        if ($kind === 'line') {
            $figures->keys(['length', 'diameter', 'weight', 'normal_drag', 'skin_friction']);

            return self::built($figures->path(), fn (): Line => new Line(
                $figures->number('length'), $figures->number('diameter'), $figures->number('weight'),
                $figures->number('normal_drag'), $figures->number('skin_friction'),
            ));
        }
        $figures->keys(['weight', 'drag_area', 'down_area', 'side_area', ...$this->moved()], ['name']);

        return self::built($figures->path(), fn (): Body => new Body(
            $figures->has('name') ? $figures->text('name') : null,
            $figures->number('weight'), $figures->number('drag_area'),
            $figures->number('down_area'), $figures->number('side_area'),
            mass: $this->mass($figures),
        ));
    }

    private function board(CaseReader $board): Board
    {
        $board->keys(['side', 'drag_area', 'side_area', 'buoyancy', 'line_out', ...$this->moved()]);

        return self::built($board->path(), fn (): Board => new Board(
            self::side($board), $board->number('drag_area'), $board->number('side_area'),
            $board->number('buoyancy'), $board->number('line_out'), mass: $this->mass($board),
        ));
    }

    public static function side(CaseReader $reader): Side
    {
        return Side::tryFrom($reader->text('side'))
            ?? throw InvalidValue::because($reader->path('side'), '"port" or "starboard"');
    }

    /**
     * Refuses a chain on which nothing weighs, floats or drags, whatever the flow.
     *
     * @param  list<Element>  $elements
     */
    private static function refuseForceless(CaseReader $where, array $elements): void
    {
        foreach ($elements as $element) {
            $felt = match (true) {
                $element instanceof Body => abs($element->weight)
                    + $element->dragArea
                    + abs($element->downArea)
                    + abs($element->sideArea),
                $element instanceof Line => $element->length * (abs($element->weight) + $element->diameter),
                default => 1.0,
            };
            if ($felt > 0.0) {
                return;
            }
        }
        throw InvalidValue::because(
            $where->has('chain') ? $where->path('chain') : $where->path(), CannotTow::noForce()->getMessage(),
        );
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     */
    public static function built(string $path, Closure $make): mixed
    {
        try {
            return $make();
        } catch (InvalidValue $invalid) {
            throw str_starts_with($invalid->field, '$') ? $invalid : CaseReader::located($invalid, $path);
        }
    }
}
