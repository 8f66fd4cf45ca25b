<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Admek\Core\InvalidValue;
use Admek\Core\Towing\CannotTow;
use Admek\Core\Towing\Motion\CannotMove;
use Illuminate\Console\Command;
use JsonException;
use Symfony\Component\Console\Output\OutputInterface;

/** Answers a case of the solver's open files with JSON, or refuses it with its JSON path and exit code 2. */
abstract class CaseCommand extends Command
{
    private const UNUSABLE = 2;

    /** Larger files are no cases: hundreds of lines take a few hundred kilobytes. */
    private const MOST_BYTES = 64 * 1024 * 1024;

    /**
     * @param  mixed  $json  as decoded, objects as arrays
     * @return array<string, mixed>
     *
     * @throws InvalidValue|CannotTow|CannotMove
     */
    abstract protected function answer(mixed $json): array;

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
            $answer = $this->answer(json_decode($text, true, 128, JSON_THROW_ON_ERROR));
            $this->output->writeln(
                json_encode(
                    $answer, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
                ),
                OutputInterface::OUTPUT_RAW,
            );
        } catch (JsonException $broken) {
            return $this->refuse("$ must be JSON: {$broken->getMessage()}.");
        } catch (InvalidValue|CannotTow|CannotMove $invalid) {
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
