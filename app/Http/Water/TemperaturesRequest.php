<?php

declare(strict_types=1);

namespace App\Http\Water;

use Admek\Core\Water\Signs\TemperatureProfile;
use App\Http\Within;
use Illuminate\Foundation\Http\FormRequest;

/** Temperatures by depth: readings to keep, or a text to look at first. */
final class TemperaturesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->isMethod('POST') ? [
            'text' => ['required', 'string', 'max:250000'],
            'depth_unit' => ['nullable', 'string', 'in:ft,m,fathoms'],
            'temperature_unit' => ['nullable', 'string', 'in:°F,°C'],
        ] : [
            'source' => ['nullable', 'string', 'max:120'],
            'readings' => ['present', 'list', 'max:400'],
            'readings.*' => ['array:depth,celsius'],
            'readings.*.depth' => ['required', 'numeric:strict', Within::range(TemperatureProfile::DEPTH)],
            'readings.*.celsius' => ['required', 'numeric:strict', Within::range(TemperatureProfile::CELSIUS)],
        ];
    }
}
