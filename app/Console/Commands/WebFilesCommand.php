<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\Ability;
use App\Serving\FpmConfig;
use App\Serving\LargestBodies;
use App\Serving\NginxConfig;
use App\Serving\WebServer;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Console\Command;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use InvalidArgumentException;

final class WebFilesCommand extends Command
{
    protected $signature = 'admek:web-files
        {folder : where nginx and PHP-FPM keep what is theirs}
        {--listen=* : addresses}
        {--port=}
        {--tls= : folder of the boat’s certificate}';

    protected $description = 'Write what nginx and PHP-FPM are told: called by the launcher';

    public function handle(Router $router): int
    {
        $said = function (string $option): ?string {
            $value = $this->option($option);

            return is_string($value) && $value !== '' ? $value : null;
        };
        /** @var list<string> $listen */
        $listen = (array) $this->option('listen');
        try {
            $web = new WebServer(
                base_path(), (string) $this->argument('folder'), $listen, (int) $this->option('port'),
                $said('tls'),
            );
        } catch (InvalidArgumentException $error) {
            $this->error($error->getMessage());

            return self::FAILURE;
        }
        $written = [
            'fpm.conf' => FpmConfig::text($web, array_filter(getenv(), is_string(...))),
            'nginx.conf' => NginxConfig::text($web, self::doors($router)),
        ];
        foreach ($written as $name => $text) {
            file_put_contents("{$web->folder}/{$name}", $text);
        }
        if ($web->tls !== null) {
            @mkdir("{$web->folder}/trust");
            copy("{$web->tls}/ca.crt", "{$web->folder}/trust/boat.crt");
            file_put_contents("{$web->folder}/trust/index.html", view('trust', ['port' => $web->port])->render());
        }

        return self::SUCCESS;
    }

    /** @return array<string, string> what sending a file to each address takes, as its route says */
    private static function doors(Router $router): array
    {
        $doors = [];
        foreach (array_keys(LargestBodies::OF_FILES) as $path) {
            $route = $router->getRoutes()->match(Request::create($path, 'PUT'));
            foreach ($route->gatherMiddleware() as $middleware) {
                foreach (Ability::cases() as $ability) {
                    if ($middleware === Authorize::using($ability->value)) {
                        $doors[$path] = $ability->value;
                    }
                }
            }
        }

        return $doors;
    }
}
