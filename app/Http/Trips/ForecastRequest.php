<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Illuminate\Foundation\Http\FormRequest;

/** A forecast typed hour by hour, or the text of a file. */
final class ForecastRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        if ($this->routeIs('forecast.file')) {
            return ['text' => ['required', 'string', 'max:200000'], 'source' => ['nullable', 'string', 'max:120']];
        }
        $figure = static fn (float $most): array => ['present', 'nullable', 'numeric:strict', "between:0,{$most}"];

        return [
            'source' => ['required', 'string', 'max:120'],
            'issued' => ['nullable', 'string', 'max:120'],
            'hours' => ['present', 'list', 'max:96'],
            'hours.*' => ['array:at,wind,gust,from,wave,visibility,lightning,front'],
            'hours.*.at' => ['required', 'integer:strict', 'between:-1440,2880', 'distinct'],
            'hours.*.wind' => $figure(80), 'hours.*.gust' => $figure(100), 'hours.*.from' => $figure(360),
            'hours.*.wave' => $figure(20), 'hours.*.visibility' => $figure(100000),
            'hours.*.lightning' => ['present', 'nullable', 'boolean:strict'],
            'hours.*.front' => ['present', 'nullable', 'boolean:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['source.required' => 'Must say where it is from.'];
    }
}
