<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\Migrations;
use App\Models\Boat;
use App\Models\Trip;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'admek:demo';

    protected $description = 'Make the demo world in the demo database, or bring its next trip to tomorrow';

    public function handle(Migrations $migrations): int
    {
        $file = (string) config('database.connections.sqlite.database');
        if (! is_file($file)) {
            touch($file);
        }
        $migrations->run();
        if (! Boat::query()->exists()) {
            $this->callSilent('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);

            return self::SUCCESS;
        }
        $tomorrow = CarbonImmutable::tomorrow()->format('Y-m-d');
        $next = Trip::query()->doesntHave('bites')->latest('date')->first();
        $taken = Trip::query()->whereDate('date', '>=', CarbonImmutable::today()->format('Y-m-d'))->exists();
        if ($next !== null && ! $taken) {
            // Yesterday's "tomorrow" has passed; a trip nothing was logged on moves along.
            $next->update(['date' => $tomorrow]);
        }

        return self::SUCCESS;
    }
}
