<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Admek\Core\Files\TowCase;
use Admek\Core\Files\TowResult;
use Admek\Core\InvalidValue;
use Admek\Core\Towing\CannotTow;
use Illuminate\Console\Command;
use JsonException;

final class TowCommand extends Command
{
    protected $signature = 'admek:tow {file : a tow case, or - for standard input}';

    protected $description = 'Solve a tow case and print the answer as JSON';

    private const UNUSABLE = 2;

    /** Larger files are no tow cases: hundreds of lines take a few hundred kilobytes. */
    private const MOST_BYTES = 64 * 1024 * 1024;

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        $text = @file_get_contents($file === '-' ? 'php://stdin' : $file, length: self::MOST_BYTES + 1);
        if ($text === false) {
            return $this->refuse("{$file} cannot be read.");
        }
        if (strlen($text) > self::MOST_BYTES) {
            return $this->refuse('$ must be at most 64 MB.');
        }
        try {
            $case = TowCase::ofJson(json_decode($text, true, 128, JSON_THROW_ON_ERROR));
            $this->output->writeln(
                json_encode(
                    TowResult::of($case),
                    JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
                ),
                \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
            );
        } catch (JsonException $broken) {
            return $this->refuse("$ must be JSON: {$broken->getMessage()}.");
        } catch (InvalidValue|CannotTow $invalid) {
            return $this->refuse($invalid->getMessage());
        }

        return self::SUCCESS;
    }

    private function refuse(string $why): int
    {
        fwrite(STDERR, $why.PHP_EOL);

        return self::UNUSABLE;
    }
}
