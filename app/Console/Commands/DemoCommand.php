<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Admek\Core\Instruments\Source;
use Admek\Core\Instruments\SourceKind;
use App\Database\Migrations;
use App\Instruments\Track;
use App\Models\Boat;
use App\Models\Trip;
use App\Reading\Season\Season;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoDays;
use Database\Seeders\DemoSeeder;
use Database\Seeders\DemoSoundings;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'admek:demo {--sea= : port of this machine her instruments are heard on}';

    protected $description = 'Make the demo world in the demo database, or bring its next trip to tomorrow';

    public function handle(Migrations $migrations): int
    {
        $file = (string) config('database.connections.sqlite.database');
        if (! is_file($file)) {
            touch($file);
        }
        $migrations->run();
        $fresh = ! Boat::query()->exists();
        if ($fresh) {
            $this->callSilent('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);
        }
        $this->dialled(Boat::query()->firstOrFail());
        $this->underWay($fresh, Boat::query()->firstOrFail());
        if ($fresh) {
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

    /** Where her instruments are heard she is under way, with a season behind her. */
    private function underWay(bool $fresh, Boat $boat): void
    {
        if ($this->option('sea') === null) {
            return;
        }
        $now = CarbonImmutable::now($boat->timezone);
        $days = new DemoDays($boat, (int) $now->format('Ymd'));
        if ($fresh) {
            $days->season($now->startOfDay());
            DemoSoundings::take($boat);
            Season::whole($boat, new Track);
        }
        if (! $boat->trips()->whereDate('date', $now->format('Y-m-d'))->exists()) {
            $days->underWay($now);
        }
    }

    /** Her gateway is where it was started this time; what else she listens to stays. */
    private function dialled(Boat $boat): void
    {
        $port = $this->option('sea');
        if (is_string($port)) {
            $gateway = new Source('Gateway', SourceKind::Tcp, "127.0.0.1:{$port}");
            $others = array_filter($boat->sources(), static fn (Source $source): bool => $source->name !== $gateway->name);
            $boat->update([
                'instruments' => ['sources' => [$gateway, ...$others]] + ($boat->instruments ?? ['transducer' => null]),
            ]);
        }
    }
}
