<?php

declare(strict_types=1);

namespace Admek\Core\Trip;

use Admek\Core\Units\ClockTime;
use Admek\Core\Units\Sentence;

/**
 * What is asked of a trip's place before it is kept, until it is told to be so: whether its sun goes by the port's clock, and
 * whose it is.
 */
final class PlaceAsked
{
    /** Minutes by which the sun's noon may be off the clock's. */
    private const OFF = 180;

    /** Minutes of the clock at which the sun stands highest, between winter's and summer's. */
    private const NOON = 750;

    /** ° within which two places are one. */
    private const SAME = 1e-6;

    /**
     * @param  array{latitude: float, longitude: float}  $place
     * @param  int  $noon  minutes after midnight by the port's clock at which the sun stands highest there
     * @param  ?array{ground: string, latitude: ?float, longitude: ?float}  $was  as the trip had it, or the last one: what a form
     *   is begun with
     * @return ?Sentence null where nothing speaks against it
     */
    public static function of(array $place, string $ground, int $noon, ?array $was): ?Sentence
    {
        $off = ($noon - self::NOON + 3 * 720) % 1440 - 720;
        if (abs($off) > self::OFF) {
            return Sentence::of(
                'There the sun stands highest at {noon} by the port’s clock: east for west, or another clock? It is so: keep the '
                .'place.',
                ['noon' => new ClockTime($noon)],
            );
        }
        $same = $was !== null && $was['ground'] !== '' && $ground !== '' && $was['ground'] !== $ground
            && abs(($was['latitude'] ?? INF) - $place['latitude']) <= self::SAME
            && abs(($was['longitude'] ?? INF) - $place['longitude']) <= self::SAME;

        return $same ? Sentence::of(
            'This is where {was} lies. {ground} lies there too: keep the place.', ['was' => $was['ground'], 'ground' => $ground],
        ) : null;
    }
}
