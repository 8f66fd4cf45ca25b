<?php

declare(strict_types=1);

namespace App\Providers;

use Admek\Core\Towing\Doubt\KeptDoubts;
use App\Database\DataFile;
use App\Database\ImmediateConnector;
use App\Forecasts\ForecastSource;
use App\Forecasts\StandInForecasts;
use App\Models\Boat;
use App\Rigging\DoubtShelf;
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
        $this->app->bind(DataFile::class, fn (): DataFile => new DataFile(
            Config::string('database.connections.sqlite.database'),
            array_keys($this->app->make('migrator')->getMigrationFiles(database_path('migrations'))),
        ));
        // One database is one boat's.
        $this->app->bind(
            Boat::class, static fn (): Boat => Boat::query()->first() ?? throw new NotFoundHttpException('There is no boat yet.'),
        );
        $this->app->singleton(DoubtShelf::class, static fn (): DoubtShelf => new DoubtShelf(Config::string('admek.doubts')));
        if (Config::get('admek.doubts') !== null) {
            $this->app->bind(KeptDoubts::class, DoubtShelf::class);
            $this->app->terminating(function (): void {
                if ($this->app->resolved(DoubtShelf::class)) {
                    $this->app->make(DoubtShelf::class)->write();
                }
            });
        }
        $this->app->bind(ForecastSource::class, static fn (): ForecastSource => new StandInForecasts(resource_path('forecasts')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
    }
}
