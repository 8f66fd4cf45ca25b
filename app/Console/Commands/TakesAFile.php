<?php

declare(strict_types=1);

namespace App\Console\Commands;

/** A command that is given a file, or standard input, and says why it cannot use it. @mixin \Illuminate\Console\Command */
trait TakesAFile
{
    /** What it is called where somebody is told of it. */
    private function file(): string
    {
        return (string) $this->argument('file');
    }

    /** Null where it cannot be read. */
    private function text(): ?string
    {
        $text = @file_get_contents($this->file() === '-' ? 'php://stdin' : $this->file());

        return $text === false ? null : $text;
    }

    /** @return int the exit code of what is not usable */
    private function refuse(string $why): int
    {
        $this->output->getErrorStyle()->writeln("{$this->file()}: ".ltrim($why));

        return 2;
    }
}
