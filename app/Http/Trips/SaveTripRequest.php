<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Fish\Species;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Towing\Medium\Salinity;
use Admek\Core\Trip\BaitCure;
use Admek\Core\Units\Quantity;
use Admek\Core\Water\Signs\Sun;
use Admek\Core\Water\Signs\TemperatureProfile;
use App\Http\Within;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A trip as the captain plans it. */
final class SaveTripRequest extends FormRequest
{
    /** Hours. */
    private const LONGEST = 18;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'lines_in' => ['required', 'string', 'date_format:H:i'],
            'back_by' => ['required', 'string', 'date_format:H:i', self::withinReason(...)],
            'port' => ['nullable', 'string', 'max:60'],
            'run' => ['nullable', 'numeric:strict', Within::range(Bottom::ALONG)],
            'latitude' => ['nullable', 'numeric:strict', Within::range(Sun::LATITUDE), 'required_with:longitude'],
            'longitude' => ['nullable', 'numeric:strict', Within::range(Sun::LONGITUDE), 'required_with:latitude'],
            'guests' => ['nullable', 'list', 'max:12'],
            'guests.*' => ['string', 'max:60'],
            'crew' => ['integer:strict', 'between:0,6'],
            'crew_fish' => ['boolean:strict'],
            'lines_per_angler' => ['nullable', 'integer:strict', 'between:1,10'],
            'catch_limits' => ['nullable', 'list', 'max:12'],
            'catch_limits.*' => ['array:species,bag,least_length'],
            'catch_limits.*.species' => ['required', 'distinct', Rule::enum(Species::class)],
            'catch_limits.*.bag' => ['nullable', 'integer:strict', 'between:0,50'],
            'catch_limits.*.least_length' => ['nullable', 'numeric:strict', 'between:0,2'],
            'limits_looked_up' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'bait_cure' => [Rule::enum(BaitCure::class)],
            'bait_strips' => ['boolean:strict'],
            'ground' => ['nullable', 'string', 'max:60'],
            'anglers' => ['required', 'integer:strict', 'between:1,12'],
            'line_limit' => ['nullable', 'integer:strict', 'between:1,60'],
            'limit_source' => ['nullable', 'string', 'max:120'],
            'species' => ['required', 'list', 'min:1', 'max:4'],
            'species.*' => ['distinct', Rule::enum(Species::class)],
            'bottom' => ['nullable', 'numeric:strict', Within::range(Bottom::DEPTH), 'required_with:bottom_to'],
            'bottom_to' => ['nullable', 'numeric:strict', Within::range(Bottom::DEPTH), 'gt:bottom'],
            'place_sure' => ['boolean:strict'],
            'water' => [Rule::enum(Salinity::class)],
            'salinity' => ['nullable', 'numeric:strict', $this->withinTheKind(...)],
            'water_temperature' => ['nullable', 'numeric:strict', Within::range(TemperatureProfile::CELSIUS)],
        ];
    }

    /** @return array<string, mixed> what is kept of it; a bottom told as one depth is no range any more */
    public function told(): array
    {
        return $this->safe()->except(['place_sure']) + ['bottom_to' => null];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'date.date_format' => 'Must be a day as year-month-day.',
            'lines_in.date_format' => 'Must be a time from 00:00 to 23:59.',
            'back_by.date_format' => 'Must be a time from 00:00 to 23:59.',
            'latitude.between' => 'Must be from 66° south to 66° north: beyond, the sun does not rise or set every day.',
            'latitude.required_with' => 'Must be given with its longitude.',
            'longitude.required_with' => 'Must be given with its latitude.',
            'limits_looked_up.date_format' => 'Must be a day as year-month-day.',
            'anglers.between' => 'Must be a number from 1 to 12.',
            'bottom_to.between' => Within::words(Bottom::DEPTH, Quantity::Depth),
            'bottom_to.gt' => 'Must be deeper than where the range begins.',
            'water_temperature.between' => Within::words(TemperatureProfile::CELSIUS, Quantity::Temperature),
            'bottom.between' => Within::words(Bottom::DEPTH, Quantity::Depth),
            'species.required' => 'Must name at least one species.',
        ];
    }

    private function withinTheKind(string $attribute, mixed $salinity, Closure $fail): void
    {
        [$least, $most] = ($this->enum('water', Salinity::class) ?? Salinity::Fresh)->range();
        if (is_numeric($salinity) && ($salinity < $least || $salinity > $most)) {
            $fail(sprintf('Must be from %g to %g in such water.', $least, $most));
        }
    }

    /** A trip may run past midnight, but a clock time mistaken for another makes it longer than anybody fishes. */
    private static function withinReason(string $attribute, mixed $backBy, Closure $fail): void
    {
        $linesIn = request()->input('lines_in');
        $minutes = static fn (mixed $clock): ?int => is_string($clock) && preg_match(
            '/^(\d\d):(\d\d)$/', $clock, $match,
        ) === 1 ? 60 * (int) $match[1] + (int) $match[2] : null;
        [$in, $back] = [$minutes($linesIn), $minutes($backBy)];
        if ($in === null || $back === null) {
            return;
        }
        $hours = ((($back - $in) % 1440) + 1440) % 1440 / 60;
        if ($hours === 0 || $hours > self::LONGEST) {
            $fail('Must be later than lines-in, by at most '.self::LONGEST.' hours.');
        }
    }
}
