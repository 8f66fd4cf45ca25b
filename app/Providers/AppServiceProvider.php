<?php

declare(strict_types=1);

namespace App\Providers;

use Admek\Core\Patterns\Fished;
use Admek\Core\Towing\Doubt\KeptDoubts;
use App\Access\Policy;
use App\Database\DataFile;
use App\Database\DataStand;
use App\Database\ImmediateConnector;
use App\Database\Migrations;
use App\Days\ToldOnce;
use App\Devices\LaptopName;
use App\Forecasts\ForecastSource;
use App\Forecasts\StandInForecasts;
use App\Http\Previews\LeftQuestions;
use App\Instruments\LiveFile;
use App\Instruments\Track;
use App\Models\Boat;
use App\Reading\Season\Season;
use App\Reading\Season\SeasonShelf;
use App\Rigging\CardShelf;
use App\Rigging\DoubtShelf;
use App\Rigging\Shelf;
use App\Rigging\TrueUpShelf;
use Illuminate\Auth\Access\Gate;
use Illuminate\Contracts\Auth\Access\Gate as GateContract;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        $this->app->bind(Migrations::class, fn (): Migrations => new Migrations($this->app->make('migrator')));
        $this->app->bind(DataFile::class, fn (): DataFile => new DataFile(
            Config::string('database.connections.sqlite.database'),
            $this->app->make(Migrations::class),
        ));
        $this->app->bind(
            LaptopName::class, static fn (): LaptopName => new LaptopName(Config::string('database.connections.sqlite.database')),
        );
        // One database is one boat's.
        $this->app->bind(
            Boat::class, static fn (): Boat => Boat::query()->first() ?? throw new NotFoundHttpException('There is no boat yet.'),
        );
        $this->keepsWhatItHasWorkedOut();
        $this->app->bind(Season::class, fn (): Season => Season::look(
            $this->app->make(Boat::class), $this->app->make(Track::class),
        ));
        $this->app->bind(Fished::class, fn (): Fished => $this->app->make(Season::class)->fished());
        $this->app->bind(DataStand::class, static function (): DataStand {
            $beside = Config::get('admek.stand');

            return new DataStand(Config::string('database.connections.sqlite.database'), is_string($beside) ? $beside : null);
        });
        $this->app->bind(ToldOnce::class, static function (): ToldOnce {
            $path = Config::get('admek.told');

            return new ToldOnce(is_string($path) ? $path : null);
        });
        $this->app->singleton(LiveFile::class, static function (): LiveFile {
            $file = Config::get('admek.live');

            return new LiveFile(is_string($file) ? $file : null);
        });
        $this->app->bind(ForecastSource::class, static fn (): ForecastSource => new StandInForecasts(resource_path('forecasts')));
    }

    /** Where it is told a file to keep it in; without one each is worked out anew. */
    private function keepsWhatItHasWorkedOut(): void
    {
        $file = Config::get('admek.kept');
        $this->app->singleton(LeftQuestions::class, static fn (): LeftQuestions => new LeftQuestions(
            is_string($file) ? $file : null,
        ));
        if (! is_string($file)) {
            $this->app->bind(CardShelf::class, static fn (): CardShelf => new CardShelf(null));
            $this->app->singleton(TrueUpShelf::class, static fn (): TrueUpShelf => new TrueUpShelf(null));
            $this->app->bind(SeasonShelf::class, static fn (): SeasonShelf => new SeasonShelf(null));

            return;
        }
        $shelf = function (string $kind, int $most) use ($file): Shelf {
            $shelf = new Shelf($file, $kind, $most);
            $this->app->terminating($shelf->write(...));

            return $shelf;
        };
        $this->app->singleton(KeptDoubts::class, static fn (): DoubtShelf => new DoubtShelf($shelf('doubts', DoubtShelf::MOST)));
        $this->app->singleton(CardShelf::class, static fn (): CardShelf => new CardShelf($shelf('cards', CardShelf::MOST)));
        $this->app->singleton(
            SeasonShelf::class, static fn (): SeasonShelf => new SeasonShelf($shelf('seasons', SeasonShelf::MOST)),
        );
        $this->app->singleton(
            TrueUpShelf::class, static fn (): TrueUpShelf => new TrueUpShelf($shelf('true_ups', TrueUpShelf::MOST)),
        );
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
        $this->callAfterResolving(GateContract::class, static function (GateContract $gate): void {
            assert($gate instanceof Gate);
            Policy::define($gate);
        });
    }
}
