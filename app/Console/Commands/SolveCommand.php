<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\Towing\CannotTow;
use App\Files\DepthTable;
use App\Files\SpreadFile;
use Illuminate\Console\Command;

final class SolveCommand extends Command
{
    use TakesAFile;

    protected $signature = 'admek:solve {file : a spread file, or - for standard input} {--json : SI units, as JSON} {--metric '
        .': metres in the table}';

    protected $description = 'Prints where every line of a spread file runs';

    public function handle(SpreadSolver $solver): int
    {
        $text = $this->text();
        if ($text === null) {
            return $this->refuse('cannot be read.');
        }
        try {
            $file = SpreadFile::read($text);
            $running = $solver->all(
                SpreadPlan::of($file['lines'], $file['mast'])->lines,
                new Conditions($file['speed'], density: $file['density'] ?? Rig::FRESH_WATER),
            );
        } catch (InvalidValue|CannotTow $refused) {
            return $this->refuse($refused->getMessage());
        }
        if ($this->option('json') === true) {
            $this->line(
                (string) json_encode(
                    ['format' => 'admek-spread-result', 'version' => 1, 'lines' => array_map(self::told(...), $running)],
                    JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION,
                ),
            );
        } else {
            $this->table(DepthTable::headings(), DepthTable::rows($running, $file['lines'], $this->option('metric') === true));
        }

        return 0;
    }

    /** @return array<string, mixed> m */
    private static function told(RunningLine $line): array
    {
        $round = static fn (float $metres): float => round($metres, 4);

        return [
            'holder' => $line->planned->holder, 'depth' => $round($line->depth()),
            'shallower' => $round($line->doubt->shallower ?? 0.0), 'deeper' => $round($line->doubt->deeper ?? 0.0),
            'bodies' => array_map(static fn (array $place): array => array_map($round, $place), $line->solution->bodies),
            'board' => $line->solution->board === null ? null : array_map($round, $line->solution->board),
            'tow_tension' => $round($line->solution->towTension), 'surfaced' => $line->solution->surfaced,
        ];
    }
}
