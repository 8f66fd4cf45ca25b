<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Admek\Core\Files\ExposureFile;
use Admek\Core\InvalidValue;
use Admek\Core\Patterns\Bands;
use Admek\Core\Patterns\BiteWindow;
use Admek\Core\Patterns\Factor;
use Admek\Core\Patterns\Patterns;
use Admek\Core\Patterns\Rate;
use Illuminate\Console\Command;

final class PatternsCommand extends Command
{
    use TakesAFile;

    protected $signature = 'admek:patterns {file : line-hours and bites, or - for standard input}';

    protected $description = 'Prints how often it bites by each factor, as it looks and all else alike';

    public function handle(): int
    {
        $text = $this->text();
        if ($text === null) {
            return $this->refuse('cannot be read.');
        }
        try {
            $file = ExposureFile::read($text);
        } catch (InvalidValue $refused) {
            return $this->refuse($refused->getMessage());
        }
        $patterns = Patterns::of($file->exposures);
        $factors = [];
        foreach ($patterns->factors as $factor => $rates) {
            foreach ($rates as $rate) {
                $factors[$factor][] = self::told($rate, Factor::tryFrom($factor), $file->bands);
            }
        }
        $this->line((string) json_encode([
            'format' => 'admek-patterns-result', 'version' => 1, 'hours' => round($patterns->hours, 4),
            'bites' => $patterns->bites, 'factors' => (object) $factors,
            'windows' => [
                'clock' => BiteWindow::of($file->along['clock'], BiteWindow::CLOCK)->bins,
                'sun' => BiteWindow::of($file->along['sun'], BiteWindow::SUN)->bins,
            ],
        ], JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE));

        return 0;
    }

    /** @return array<string, mixed> */
    private static function told(Rate $rate, ?Factor $factor, Bands $bands): array
    {
        $ends = $factor?->quantity() !== null && is_numeric($rate->level)
            ? array_map(static fn (float $end): float => round($end, 4), $bands->ends($factor, $rate->level)) : null;

        return ['level' => $rate->level] + ($ends === null ? [] : ['from' => $ends[0], 'to' => $ends[1]]) + [
            'hours' => round($rate->hours, 4), 'bites' => $rate->bites,
            'rate' => round($rate->rate, 6), 'low' => round($rate->low, 6), 'high' => round($rate->high, 6),
            'times' => self::round($rate->times), 'times_low' => self::round($rate->timesLow),
            'times_high' => self::round($rate->timesHigh), 'early' => $rate->isEarly(),
        ];
    }

    private static function round(?float $times): ?float
    {
        return $times === null ? null : round($times, 5);
    }
}
