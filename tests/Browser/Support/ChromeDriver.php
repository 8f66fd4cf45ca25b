<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Symfony\Component\Process\Process;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

/** One ChromeDriver for the whole run, ended with it. */
final class ChromeDriver
{
    private static ?Process $process = null;

    private static string $url = '';

    public static function url(): string
    {
        if (self::$process === null) {
            $port = RunningApp::freePort();
            self::$url = "http://127.0.0.1:{$port}";
            self::$process = new Process(['chromedriver', "--port={$port}"], timeout: null);
            self::$process->disableOutput();
            self::$process->start();
            register_shutdown_function(static function (): void {
                Browser::closeAll();
                self::$process?->stop(2);
            });
            Wait::until(static fn (): bool => @fsockopen('127.0.0.1', $port) !== false, 'ChromeDriver');
        }

        return self::$url;
    }
}
