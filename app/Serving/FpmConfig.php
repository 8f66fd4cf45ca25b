<?php

declare(strict_types=1);

namespace App\Serving;

/** PHP-FPM's configuration (its manual, "Configuration"): a fixed number of workers, each with an end. */
final class FpmConfig
{
    private const WORKERS = 5;

    /** s after which a worker that has not answered is ended. */
    private const PATIENCE = 60;

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
            '', '[admek]', "listen = \"{$web->socket()}\"", 'listen.mode = 0600',
            'pm = static', 'pm.max_children = '.self::WORKERS, 'pm.max_requests = 5000',
            'request_terminate_timeout = '.self::PATIENCE, 'catch_workers_output = yes', 'decorate_workers_output = no',
            'clear_env = yes', 'php_admin_flag[expose_php] = off', 'php_admin_flag[display_errors] = off',
            'php_admin_value[memory_limit] = 256M',
        ];
        if (posix_geteuid() === 0) {
            $lines[] = 'user = root';
        }
        foreach (array_intersect_key($environment, array_flip(self::TOLD)) as $name => $value) {
            $lines[] = "env[{$name}] = \"{$value}\"";
        }

        return implode("\n", $lines)."\n";
    }
}
