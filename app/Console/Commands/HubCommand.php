<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\DataFile;
use App\Database\DataStand;
use App\Instruments\Hub\HeldPoints;
use App\Instruments\Hub\Hub;
use App\Instruments\LiveFile;
use App\Instruments\Track;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use React\EventLoop\Loop;

final class HubCommand extends Command
{
    protected $signature = 'admek:hub';

    protected $description = 'Listen to the instruments, make known what they tell, and keep the track, until it is stopped';

    /** ms the data is waited for: what is heard meanwhile must not wait. */
    private const PATIENCE = 50;

    public function handle(LiveFile $file, Track $track, DataFile $data, DataStand $stand): int
    {
        DB::statement('pragma busy_timeout = '.self::PATIENCE);
        (new Hub(Loop::get(), $file, $track, new HeldPoints("{$data->path}.held"), $stand))->run();
        // Before what it has looked at is closed: see DataStand.
        DB::disconnect();

        return self::SUCCESS;
    }
}
