<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\DataFile;
use App\Database\OwnBackups;
use Illuminate\Console\Command;
use RuntimeException;

final class BackupCommand extends Command
{
    protected $signature = 'admek:backup
        {file? : where to write the copy; among Admek’s own where none is named}
        {--why=asked : of one of Admek’s own, a word for its name}
        {--due : only where the newest of Admek’s own is a day old}
        {--also= : a folder for one more}';

    protected $description = 'Write a whole, consistent copy of the data, safe while Admek runs';

    public function handle(DataFile $data, OwnBackups $own): int
    {
        if (! is_file($data->path)) {
            $this->error('There is no data to back up yet.');

            return self::FAILURE;
        }
        if ($this->option('due') === true && ! $own->isDue(time())) {
            return self::SUCCESS;
        }
        $file = $this->argument('file');
        try {
            is_string($file)
                ? $data->copyTo($file)
                : $file = $own->make((string) $this->option('why'), (string) $this->option('also'));
            $this->info("Backed up to {$file}.");

            return self::SUCCESS;
        } catch (RuntimeException $error) {
            $this->error("Not backed up. {$error->getMessage()}");

            return self::FAILURE;
        }
    }
}
