<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Instruments\Hub\Hub;
use App\Instruments\LiveFile;
use App\Instruments\Track;
use Illuminate\Console\Command;
use React\EventLoop\Loop;

final class HubCommand extends Command
{
    protected $signature = 'admek:hub';

    protected $description = 'Listen to the instruments, make known what they tell, and keep the track, until it is stopped';

    public function handle(LiveFile $file, Track $track): int
    {
        (new Hub(Loop::get(), $file, $track))->run();

        return self::SUCCESS;
    }
}
