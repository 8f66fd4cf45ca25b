<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\DataFile;
use App\Database\OwnBackups;
use Illuminate\Console\Command;

final class CheckCommand extends Command
{
    protected $signature = 'admek:check {file? : another file than the data}';

    protected $description = 'Tell what is wrong with the data, and which backup is the newest that is whole';

    public function handle(DataFile $data, OwnBackups $own): int
    {
        $file = $this->argument('file');
        $checked = is_string($file) ? $data->at($file) : $data;
        $faults = $checked->faults();
        $this->line("{$checked->path}: ".($faults === [] ? 'whole.' : implode("\n  ", ['', ...$faults])));
        $backups = $own->all();
        $megabytes = array_sum(array_map(static fn (string $backup): int => (int) filesize($backup), $backups)) / 1e6;
        $this->line(sprintf('Own backups: %d, %.0f MB together. %s', count($backups), $megabytes, OwnBackups::KEPT));
        foreach ($backups as $backup) {
            if ($data->at($backup)->faults() === []) {
                $this->line("Newest whole backup: {$backup}");
                break;
            }
        }

        return $faults === [] ? self::SUCCESS : self::FAILURE;
    }
}
