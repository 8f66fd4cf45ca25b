<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\Files\Internal\CaseReader;
use Admek\Core\Files\Internal\ChainReader;
use Admek\Core\InvalidValue;
use Admek\Core\Towing\Medium\Flow;
use Admek\Core\Towing\Medium\Water;
use Admek\Core\Towing\TowLine;
use Admek\Core\Towing\Turn;

/** The solver's open file (docs/tow-case.md): water, a turn or none, and lines; every figure stated, none assumed. */
final readonly class TowCase
{
    public const FORMAT = 'admek-tow';

    public const VERSION = 1;

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
        $case->is('format', self::FORMAT)->is('version', self::VERSION);

        return new self(self::water($case->at('water')), self::turn($case), ChainReader::lines($case));
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
        $flow = ChainReader::built($water->path('flow'), static fn (): Flow => Flow::ofLayers($layers));

        return ChainReader::built($water->path(), static fn (): Water => new Water($water->number('density'), $flow));
    }

    private static function turn(CaseReader $case): ?Turn
    {
        if ($case->value('turn') === null) {
            return null;
        }
        $turn = $case->at('turn')->keys(['radius', 'side']);

        return ChainReader::built(
            $turn->path(), static fn (): Turn => new Turn($turn->number('radius'), ChainReader::side($turn)),
        );
    }
}
