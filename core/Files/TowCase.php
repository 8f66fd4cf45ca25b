<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\Files\Internal\CaseReader;
use Admek\Core\InvalidValue;
use Admek\Core\Towing\Board;
use Admek\Core\Towing\Body;
use Admek\Core\Towing\Branch;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Element;
use Admek\Core\Towing\Line;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\Turn;
use Closure;

/** The solver's open file (docs/tow-case.md): water, a turn or none, and lines; every figure stated, none assumed. */
final readonly class TowCase
{
    public const FORMAT = 'admek-tow';

    public const VERSION = 1;

    /** Branches may hang on branches, but not without end. */
    private const MOST_NESTED = 16;

    /** @param  non-empty-list<TowLine>  $lines */
    private function __construct(public Water $water, public ?Turn $turn, public array $lines)
    {
    }

    /**
     * @param  mixed  $json  as decoded, objects as arrays
     *
     * @throws InvalidValue whose field is the JSON path
     */
    public static function ofJson(mixed $json): self
    {
        $case = CaseReader::root($json)->keys(['format', 'version', 'water', 'turn', 'lines']);
        if ($case->value('format') !== self::FORMAT) {
            throw InvalidValue::because($case->path('format'), '"'.self::FORMAT.'"');
        }
        if ($case->value('version') !== self::VERSION) {
            throw InvalidValue::because($case->path('version'), (string) self::VERSION);
        }
        $lines = $ids = [];
        foreach ($case->items('lines') as $item) {
            $line = self::line($item);
            if (isset($ids[$line->id])) {
                throw InvalidValue::because($item->path('id'), 'unique among the lines');
            }
            $ids[$line->id] = true;
            $lines[] = $line;
        }

        return new self(self::water($case->at('water')), self::turn($case), $lines);
    }

    private static function water(CaseReader $water): Water
    {
        $water->keys(['density', 'flow']);
        $layers = [];
        foreach ($water->items('flow') as $layer) {
            $layer->keys(['depth', 'aft', 'starboard']);
            $layers[] = [
                'depth' => $layer->number('depth'),
                'aft' => $layer->number('aft'),
                'starboard' => $layer->number('starboard'),
            ];
        }
        $flow = self::built($water->path('flow'), static fn (): Flow => Flow::ofLayers($layers));

        return self::built($water->path(), static fn (): Water => new Water($water->number('density'), $flow));
    }

    private static function turn(CaseReader $case): ?Turn
    {
        if ($case->value('turn') === null) {
            return null;
        }
        $turn = $case->at('turn')->keys(['radius', 'side']);

        return self::built($turn->path(), static fn (): Turn => new Turn($turn->number('radius'), self::side($turn)));
    }

    private static function line(CaseReader $line): TowLine
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
            $board = self::board($last->keys(['board'])->at('board'));
            if ($parts === []) {
                throw InvalidValue::because($line->path('chain'), 'a list with a part ahead of the board');
            }
        }
        $chain = array_map(static fn (CaseReader $part): Element => self::element($part, 0), $parts);
        $built = self::built($line->path(), static fn (): TowLine => new TowLine($id, $towPoint, $chain, $board));
        self::refuseForceless($line, $chain);

        return $built;
    }

    private static function element(CaseReader $part, int $nested): Element
    {
        $kind = $part->oneOf(['body', 'line', 'branch']);
        if ($kind === 'branch') {
            if ($nested === self::MOST_NESTED) {
                throw InvalidValue::because($part->path(), 'nested no deeper than '.self::MOST_NESTED.' branches');
            }
            $elements = array_map(static fn (CaseReader $p): Element => self::element($p, $nested + 1), $part->items('branch'));
            self::refuseForceless($part->at('branch'), $elements);

            return new Branch($elements);
        }
        $figures = $part->at($kind);
        if ($kind === 'line') {
            $figures->keys(['length', 'diameter', 'weight', 'normal_drag', 'skin_friction']);

            return self::built($figures->path(), static fn (): Line => new Line(
                $figures->number('length'), $figures->number('diameter'), $figures->number('weight'),
                $figures->number('normal_drag'), $figures->number('skin_friction'),
            ));
        }
        $figures->keys(['weight', 'drag_area', 'down_area', 'side_area'], ['name']);

        return self::built($figures->path(), static fn (): Body => new Body(
            $figures->has('name') ? $figures->text('name') : null,
            $figures->number('weight'), $figures->number('drag_area'),
            $figures->number('down_area'), $figures->number('side_area'),
        ));
    }

    private static function board(CaseReader $board): Board
    {
        $board->keys(['side', 'drag_area', 'side_area', 'buoyancy', 'line_out']);

        return self::built($board->path(), static fn (): Board => new Board(
            self::side($board), $board->number('drag_area'), $board->number('side_area'),
            $board->number('buoyancy'), $board->number('line_out'),
        ));
    }

    private static function side(CaseReader $reader): Side
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
    private static function built(string $path, Closure $make): mixed
    {
        try {
            return $make();
        } catch (InvalidValue $invalid) {
            throw str_starts_with($invalid->field, '$') ? $invalid : CaseReader::located($invalid, $path);
        }
    }
}
