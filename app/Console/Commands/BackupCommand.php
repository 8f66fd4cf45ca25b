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
        {--also= : a folder for one more}';

    protected $description = 'Write a whole, consistent copy of the data, safe while Admek runs';

    public function handle(DataFile $data, OwnBackups $own): int
    {
        if (! is_file($data->path)) {
            $this->error('There is no data to back up yet.');

            return self::FAILURE;
        }
        $file = $this->argument('file');
        $said = '';
        try {
            if (is_string($file)) {
                $data->copyTo($file);
            } else {
                $file = $own->make((string) $this->option('why'), (string) $this->option('also'));
                $said = ' '.OwnBackups::KEPT;
            }
            $this->info("Backed up to {$file}.{$said}");

            return self::SUCCESS;
        } catch (RuntimeException $error) {
            $this->error("Not backed up. {$error->getMessage()}");

            return self::FAILURE;
        }
    }
}
