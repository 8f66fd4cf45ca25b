<?php

declare(strict_types=1);

namespace App\Serving;

/** PHP-FPM's configuration (its manual, "Configuration"): a fixed number of workers, each with an end, and some for long work. */
final class FpmConfig
{
    private const WORKERS = 5;

    /** For what takes its time: whole exports and imports, and a season that is read for the first time. */
    private const LONG_WORKERS = 2;

    /** s after which a worker that has not answered is ended. */
    private const PATIENCE = 60;

    private const LONG_PATIENCE = 1800;

    /** Variables the application finds its own configuration by. */
    private const TOLD = [
        'ADMEK_DATABASE', 'APP_CONFIG_CACHE', 'APP_ROUTES_CACHE', 'APP_SERVICES_CACHE', 'APP_PACKAGES_CACHE',
    ];

    /** @param  array<string, string>  $environment */
    public static function text(WebServer $web, array $environment): string
    {
        $lines = [
            '[global]', 'daemonize = no', "error_log = \"{$web->folder}/fpm.log\"", 'log_level = warning',
            'emergency_restart_threshold = 5', 'emergency_restart_interval = 10', 'process_control_timeout = 5',
            ...self::pool('admek', $web->socket(), $environment, [
                'pm = static', 'pm.max_children = '.self::WORKERS, 'pm.max_requests = 5000',
            ], self::PATIENCE),
            ...self::pool('long', $web->socket(long: true), $environment, [
                'pm = ondemand', 'pm.max_children = '.self::LONG_WORKERS, 'pm.process_idle_timeout = 60',
            ], self::LONG_PATIENCE),
        ];

        return implode("\n", $lines)."\n";
    }

    /**
     * @param  array<string, string>  $environment
     * @param  list<string>  $workers
     * @param  int  $patience  s
     * @return list<string>
     */
    private static function pool(string $name, string $socket, array $environment, array $workers, int $patience): array
    {
        $lines = [
            '', "[{$name}]", "listen = \"{$socket}\"", 'listen.mode = 0600', ...$workers,
            "request_terminate_timeout = {$patience}", "php_admin_value[max_execution_time] = {$patience}",
            'catch_workers_output = yes', 'decorate_workers_output = no',
            'clear_env = yes', 'php_admin_flag[expose_php] = off', 'php_admin_flag[display_errors] = off',
            'php_admin_value[memory_limit] = 256M',
        ];
        if (posix_geteuid() === 0) {
            $lines[] = 'user = root';
        }
        foreach (array_intersect_key($environment, array_flip(self::TOLD)) as $variable => $value) {
            $lines[] = "env[{$variable}] = \"{$value}\"";
        }

        return $lines;
    }
}
