<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use PDO;
use PDOException;

final class RestoreCommand extends Command
{
    protected $signature = 'admek:restore {file : the backup}';

    protected $description = 'Put a backup in place of the data; what was there is kept beside it';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        $data = (string) config('database.connections.sqlite.database');
        if (! is_file($file) || ! $this->isBackup($file)) {
            $this->error("{$file} is not a backup of Admek's data.");

            return self::FAILURE;
        }
        if (is_file($data)) {
            $kept = $data.'.before-'.date('Ymd-His');
            // Folds the journal into the file first, so that the kept copy is whole.
            (new PDO("sqlite:{$data}"))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
            rename($data, $kept);
            $this->line("The data that was here is kept as {$kept}.");
        }
        copy($file, $data);
        $this->info('Restored. Start Admek to bring it up to date.');

        return self::SUCCESS;
    }

    private function isBackup(string $file): bool
    {
        try {
            $pdo = new PDO("sqlite:{$file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $check = $pdo->query('PRAGMA integrity_check');
            $bites = $pdo->query(
                "select count(*) from sqlite_master where type = 'table' and name in ('boats', 'spreads', 'bites')",
            );

            return $check !== false && $check->fetchColumn() === 'ok' && $bites !== false && (int) $bites->fetchColumn() === 3;
        } catch (PDOException) {
            return false;
        }
    }
}
