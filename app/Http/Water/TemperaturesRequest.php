<?php

declare(strict_types=1);

namespace App\Http\Water;

use Admek\Core\Units\Quantity;
use Admek\Core\Units\Unit;
use Admek\Core\Water\Signs\TemperatureProfile;
use App\Http\Within;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Temperatures by depth: readings to keep, or a text to look at first. */
final class TemperaturesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->isMethod('POST') ? [
            'text' => ['required', 'string', 'max:250000'],
            'depth_unit' => ['nullable', 'string', Rule::in(Unit::names(Quantity::Depth))],
            'temperature_unit' => ['nullable', 'string', Rule::in(Unit::names(Quantity::Temperature))],
        ] : [
            'source' => ['nullable', 'string', 'max:120'],
            'readings' => ['present', 'list', 'max:400'],
            'readings.*' => ['array:depth,celsius'],
            'readings.*.depth' => ['required', 'numeric:strict', Within::range(TemperatureProfile::DEPTH)],
            'readings.*.celsius' => ['required', 'numeric:strict', Within::range(TemperatureProfile::CELSIUS)],
        ];
    }
}
