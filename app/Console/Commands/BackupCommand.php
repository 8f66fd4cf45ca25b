<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class BackupCommand extends Command
{
    protected $signature = 'admek:backup {file : where to write the copy}';

    protected $description = 'Write a whole, consistent copy of the data, safe while Admek runs';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        if (! is_file((string) config('database.connections.sqlite.database'))) {
            $this->error('There is no data to back up yet.');

            return self::FAILURE;
        }
        if (file_exists($file) || ! is_dir(dirname($file)) || ! is_writable(dirname($file))) {
            $this->error("{$file} must be a new file in a folder that can be written.");

            return self::FAILURE;
        }
        DB::statement('VACUUM INTO ?', [$file]);
        $this->info("Backed up to {$file}.");

        return self::SUCCESS;
    }
}
