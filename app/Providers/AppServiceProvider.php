<?php

declare(strict_types=1);

namespace App\Providers;

use App\Forecasts\ForecastSource;
use App\Forecasts\StandInForecasts;
use App\Models\Boat;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        // One database is one boat's.
        $this->app->bind(
            Boat::class, static fn (): Boat => Boat::query()->first() ?? throw new NotFoundHttpException('There is no boat yet.'),
        );
        $this->app->bind(ForecastSource::class, static fn (): ForecastSource => new StandInForecasts(resource_path('forecasts')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
    }
}
