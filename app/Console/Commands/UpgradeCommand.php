<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\DataFile;
use App\Database\Migrations;
use App\Database\OwnBackups;
use App\Database\ServingLock;
use Illuminate\Console\Command;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\Facades\Config;
use RuntimeException;

/**
 * Brings a copy up to date and puts that in place of the data in one step: whenever it is killed, the data is as it was or as it
 * is to be.
 */
final class UpgradeCommand extends Command
{
    protected $signature = 'admek:upgrade {--also= : a folder for one more copy of what was there}';

    protected $description = 'Bring the data up to this Admek, or begin it; what was there is backed up first';

    public function handle(DataFile $data, OwnBackups $own, DatabaseManager $databases, Migrations $migrations): int
    {
        if ($data->isNewer()) {
            $this->error(DataFile::NEWER.' Nothing was changed.');

            return self::FAILURE;
        }
        if ($data->isCurrent()) {
            return self::SUCCESS;
        }
        $lock = null;
        $copy = $data->at("{$data->path}.upgrade");
        try {
            $lock = ServingLock::of($data->path);
            $copy->remove();
            if (! $data->isEmpty()) {
                $own->make('before-upgrade', (string) $this->option('also'));
                $data->copyTo($copy->path);
            }
            touch($copy->path);
            Config::set('database.connections.sqlite.database', $copy->path);
            $databases->purge();
            $migrations->run();
            $databases->purge();
            $data->become($copy);

            return self::SUCCESS;
        } catch (RuntimeException $error) {
            $this->error("Not brought up to date; what was here still is. {$error->getMessage()}");

            return self::FAILURE;
        } finally {
            Config::set('database.connections.sqlite.database', $data->path);
            $databases->purge();
            if ($lock !== null) {
                $copy->remove();
                $lock->release();
            }
        }
    }
}
