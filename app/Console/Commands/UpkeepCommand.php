<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Admek\Core\Books\Book;
use App\Database\OwnBackups;
use App\Instruments\Track;
use App\Models\Boat;
use App\Reading\Season\Season;
use Illuminate\Console\Command;
use Throwable;

/** What is done for the data while Admek is served, each part whatever becomes of the others. */
final class UpkeepCommand extends Command
{
    protected $signature = 'admek:upkeep {--also= : a folder on another disk for one more backup}';

    protected $description = 'Pack tracks that are old, read what was fished for the season, and make the copy of the day';

    public function handle(OwnBackups $own, Track $track): int
    {
        $boat = Boat::query()->first();
        $done = [
            $boat === null || $this->does('Old tracks were not packed.', static function () use ($boat, $track): void {
                $before = now()->subDays((int) $boat->book(Book::Keeping)->get('packed_after'));
                $track->pack((float) $before->format('U'));
            }),
            $boat === null || $this->does('What was fished was not read for the season.', static function () use ($boat, $track) {
                Season::whole($boat, $track);
            }),
            ! $own->isDue(time()) || $this->does('Not backed up.', function () use ($own): void {
                $own->make('daily', (string) $this->option('also'));
            }),
        ];

        return in_array(false, $done, true) ? self::FAILURE : self::SUCCESS;
    }

    /** @param  callable(): void  $what */
    private function does(string $else, callable $what): bool
    {
        try {
            $what();

            return true;
        } catch (Throwable $error) {
            $this->error("{$else} {$error->getMessage()}");

            return false;
        }
    }
}
