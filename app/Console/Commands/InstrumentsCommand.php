<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Admek\Core\Instruments\Fault;
use Admek\Core\Instruments\Known;
use Admek\Core\Instruments\Live;
use Admek\Core\Instruments\Nmea;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** What a gateway sends, told: to see on the dock what the instruments say and what of it is of use. */
final class InstrumentsCommand extends Command
{
    protected $signature = 'admek:instruments {file : sentences as they were sent, or - for standard input}';

    protected $description = 'Read NMEA 0183 sentences and tell their figures as JSON';

    private const UNUSABLE = 2;

    /** Letters of a line that are read; longer ones are none. */
    private const LONGEST = 4096;

    /** s from one sentence to the next, where nothing tells when they were sent. */
    private const APART = 0.1;

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        $stream = @fopen($file === '-' ? 'php://stdin' : $file, 'r');
        if ($stream === false) {
            fwrite(STDERR, "{$file} cannot be read.".PHP_EOL);

            return self::UNUSABLE;
        }
        $live = new Live;
        $at = 0.0;
        while (($line = fgets($stream, self::LONGEST)) !== false) {
            $heard = Nmea::read($line);
            $live->take($heard->talker === '' ? 'line' : $heard->talker, $heard, $at += self::APART);
        }
        $told = ['figures' => (object) array_map(
            static fn (Known $figure): array => ['value' => round($figure->value, 7), 'talker' => $figure->source],
            $live->at($at),
        ), 'talkers' => (object) array_map(static fn (array $source): array => [
            'used' => $source['used'], 'not_used' => (object) array_combine(
                array_map(static fn (string $fault): string => Fault::from($fault)->words(), array_keys($source['faults'])),
                $source['faults'],
            ),
        ], $live->sources())];
        $this->output->writeln(
            json_encode($told, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES), OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
