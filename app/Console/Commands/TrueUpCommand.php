<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\PlannedLine;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\CannotTow;
use Admek\Core\TrueUp\NextSounding;
use Admek\Core\TrueUp\Reread;
use Admek\Core\TrueUp\TruedFigure;
use Admek\Core\TrueUp\TrueUp;
use Admek\Core\Units\Units;
use App\Files\SoundedFile;
use Illuminate\Console\Command;

final class TrueUpCommand extends Command
{
    use TakesAFile;

    protected $signature = 'admek:trueup {file : a spread file with soundings, or - for standard input}';

    protected $description = 'Prints what soundings say of the gear, and every depth by that';

    public function handle(SpreadSolver $solver): int
    {
        $text = $this->text();
        if ($text === null) {
            return $this->refuse('cannot be read.');
        }
        try {
            $file = SoundedFile::read($text);
            $known = TrueUp::of($file->soundings);
            $lines = array_map(fn (PlannedLine $line, array $owners): array => [
                'holder' => $line->holder, 'untrued' => self::depth($solver->run($line, $file->conditions)),
                'trued' => self::depth($solver->run($line->withTrued($known->trued($owners)), $file->conditions)),
            ], $file->plan->lines, $file->owners);
        } catch (InvalidValue|CannotTow $refused) {
            return $this->refuse($refused->getMessage());
        }
        $next = NextSounding::of($known, $file->plan->lines, $file->owners, $file->conditions);
        $this->line((string) json_encode([
            'format' => 'admek-trueup-result', 'version' => 1, 'lines' => $lines,
            'figures' => array_map(static fn (TruedFigure $figure): array => [
                'figure' => $figure->doubt->value, 'of' => $figure->owner,
                'prior' => ['value' => $figure->isOfWater() ? 0.0 : 1.0, 'deviation' => round($figure->prior, 5)],
                'now' => ['value' => round($figure->now(), 5), 'deviation' => round($figure->nowUnsure(), 5)],
            ], $known->figures),
            'soundings' => array_map(static fn (Reread $one): array => [
                'id' => $one->id, 'untrued' => round($one->untrued, 4), 'trued' => round($one->trued, 4),
                'off' => round($one->off, 3), 'used' => $one->used,
            ], $known->soundings),
            'next' => $next === null ? null : [
                'holder' => $next->holder, 'depth' => round($next->depth, 4), 'before' => round($next->before, 4),
                'after' => round($next->after, 4), 'says' => $next->says()->in(Units::Us),
            ],
        ], JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE));

        return 0;
    }

    /** @return array{depth: float, shallower: float, deeper: float} m */
    private static function depth(RunningLine $line): array
    {
        return [
            'depth' => round($line->depth(), 4), 'shallower' => round($line->doubt->shallower ?? 0.0, 4),
            'deeper' => round($line->doubt->deeper ?? 0.0, 4),
        ];
    }
}
