<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route;
use PHPUnit\Framework\Attributes\CoversNothing;
use Tests\Feature\Support\Contract;
use Tests\Feature\Support\FeatureTestCase;

#[CoversNothing]
final class ContractTest extends FeatureTestCase
{
    public function test_every_route_is_described_and_every_description_has_a_route(): void
    {
        $routed = [];
        foreach ($this->app->make('router')->getRoutes()->getRoutes() as $route) {
            self::assertInstanceOf(Route::class, $route);
            if (str_starts_with($route->uri(), 'api/')) {
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    $routed[] = "{$method} /".substr($route->uri(), 4);
                }
            }
        }
        $described = [];
        foreach (Contract::document()['paths'] as $path => $operations) {
            foreach (array_diff(array_keys($operations), ['parameters']) as $method) {
                $described[] = strtoupper((string) $method)." {$path}";
            }
        }

        self::assertEqualsCanonicalizing($described, $routed);
    }
}
