<?php

declare(strict_types=1);

namespace Bench;

use Admek\Core\Patterns\Exposure;
use Admek\Core\Patterns\Patterns;
use CurlHandle;
use RuntimeException;
use Tests\Support\Drawn;
use Tests\Support\Running\RunningApp;

/** How long it takes to tell what a season says. */
final class PatternsBench
{
    private const LEVELS = [
        'lure' => 24, 'finish' => 10, 'presentation' => 6, 'depth' => 9, 'side' => 3, 'turn' => 3, 'speed' => 5, 'light' => 5,
        'temperature' => 6, 'height' => 6, 'clarity' => 3, 'ground' => 4,
    ];

    /** ms for so many line-hours in halves, twelve factors together. */
    public static function milliseconds(int $hours): float
    {
        $drawn = new Drawn(3);
        $exposures = [];
        for ($i = 0; $i < 2 * $hours; $i++) {
            $levels = [];
            foreach (self::LEVELS as $factor => $count) {
                $levels[$factor] = 'L'.(int) ($count * $drawn->even() * $drawn->even());
            }
            $exposures[] = new Exposure(0.5, $drawn->even() < 0.1 ? 1 : 0, $levels);
        }
        $start = hrtime(true);
        Patterns::of($exposures);

        return (hrtime(true) - $start) / 1e6;
    }

    /** ms of the season's answer, the median of nine. */
    public static function answer(RunningApp $app): float
    {
        $times = [];
        for ($i = 0; $i < 10; $i++) {
            $handle = curl_init($app->api('/season'));
            assert($handle instanceof CurlHandle);
            curl_setopt($handle, CURLOPT_RETURNTRANSFER, true);
            curl_exec($handle);
            if (curl_getinfo($handle, CURLINFO_RESPONSE_CODE) !== 200) {
                throw new RuntimeException('The season failed.');
            }
            $times[] = 1000 * curl_getinfo($handle, CURLINFO_TOTAL_TIME);
        }
        // The first cuts the days into pieces; they are kept.
        array_shift($times);
        sort($times);

        return $times[4];
    }
}
