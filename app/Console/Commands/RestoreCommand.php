<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\DataFile;
use App\Database\ServingLock;
use App\Devices\CookieKey;
use Illuminate\Console\Command;
use RuntimeException;

final class RestoreCommand extends Command
{
    protected $signature = 'admek:restore {file : the backup}';

    protected $description = 'Put a backup in place of the data; what was there is kept beside it';

    public function handle(DataFile $data): int
    {
        $lock = null;
        try {
            $lock = ServingLock::of($data->path);
            $backup = $data->at((string) $this->argument('file'));
            $faults = $backup->faults();
            if ($faults !== []) {
                $this->error("{$backup->path} is not put in place; nothing was changed.");
                array_map($this->line(...), $faults);

                return self::FAILURE;
            }
            $kept = $data->replaceBy($backup);
            // Devices that were put out since that backup must not be in again.
            CookieKey::forget($data->path);
            if ($kept !== null) {
                $this->line("What was here is kept as {$kept}.");
            }
            $this->info('Restored. Start Admek to bring it up to date. Devices are let in anew.');

            return self::SUCCESS;
        } catch (RuntimeException $error) {
            $this->error("Not restored; what was here still is. {$error->getMessage()}");

            return self::FAILURE;
        } finally {
            $lock?->release();
        }
    }
}
