<?php

declare(strict_types=1);

namespace Tests\Core\Water\Support;

use Admek\Core\Books\Book;
use Admek\Core\Fish\Species;
use Admek\Core\Units\Units;
use Admek\Core\Water\Advice;
use Admek\Core\Water\Reading;
use Admek\Core\Water\Signs\TemperatureProfile;
use Admek\Core\Water\Signs\WaterSigns;
use Admek\Core\Water\TargetBands;

/** Days read as a captain would. */
trait ReadDays
{
    private const FOOT = Units::FOOT;

    /**
     * @param  list<Species>  $species
     * @return array{list<string>, array<string, string>, array<string, string>} bands, answers and reasons in US units
     */
    private function read(WaterSigns $signs, array $species): array
    {
        $bands = array_map(
            static fn ($band): string => sprintf(
                '%s %.0f–%.0f: %s',
                $band->species->label(),
                $band->top / self::FOOT,
                $band->bottom / self::FOOT,
                $band->why->in(Units::Us),
            ),
            (new TargetBands($signs, Book::Habits->of(), Book::Reading->of()))->for($species),
        );
        $advice = $this->reading($signs, $species);

        return [
            $bands,
            array_map(static fn (Advice $one): string => $one->answer->in(Units::Us), $advice),
            array_map(static fn (Advice $one): string => $one->why->in(Units::Us), $advice),
        ];
    }

    /**
     * @param  list<Species>  $species
     * @param  array<string, string>  $schools
     * @return array<string, Advice>
     */
    private function reading(WaterSigns $signs, array $species, array $schools = []): array
    {
        $bands = (new TargetBands($signs, Book::Habits->of(), Book::Reading->of()))->for($species);
        $advice = (
            new Reading($signs, $bands, $species, Book::Habits->of(), Book::Reading->of(), Book::Care->of(), $schools)
        )->advice();

        return array_combine(array_map(static fn (Advice $one): string => $one->key, $advice), $advice);
    }

    /** @param  array<int, float>  $readings  °F by ft */
    private function profile(array $readings): TemperatureProfile
    {
        return TemperatureProfile::of(
            array_map(
                static fn (int $feet, float $fahrenheit): array => [
                    'depth' => $feet * self::FOOT, 'celsius' => ($fahrenheit - 32) / 1.8,
                ],
                array_keys($readings),
                $readings,
            ),
        );
    }
}
