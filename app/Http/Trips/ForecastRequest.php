<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Files\ForecastText;
use Admek\Core\InvalidValue;
use Admek\Core\Trip\ForecastHour;
use Admek\Core\Units\Units;
use App\Http\Within;
use App\Models\Boat;
use Illuminate\Foundation\Http\FormRequest;

/** A forecast typed hour by hour, or the text of a file. */
final class ForecastRequest extends FormRequest
{
    /** What is typed as it is read out is read here: what is wrong with it is named with its hour. */
    protected function prepareForValidation(): void
    {
        $units = Units::from(resolve(Boat::class)->units);
        $hours = $this->input('hours');
        if (! is_array($hours)) {
            return;
        }
        foreach ($hours as $i => $hour) {
            foreach (ForecastText::QUANTITIES as $field => $quantity) {
                $text = is_array($hour) ? $hour[$field] ?? null : null;
                if (is_string($text)) {
                    try {
                        $hours[$i][$field] = ForecastText::read($field, $text, $quantity === null ? '' : $units->unit($quantity));
                    } catch (InvalidValue $invalid) {
                        throw $invalid->within("hours.{$i}");
                    }
                }
            }
        }
        $this->merge(['hours' => $hours]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        if ($this->routeIs('forecast.file')) {
            return ['text' => ['required', 'string', 'max:200000'], 'source' => ['nullable', 'string', 'max:120']];
        }
        $figures = [];
        foreach (ForecastHour::RANGES as $field => [$least, $most]) {
            $figures["hours.*.{$field}"] = ['present', 'nullable', 'numeric:strict', Within::range([$least, $most])];
        }
        $at = Within::range(array_slice(ForecastHour::RANGES['at'], 0, 2));

        return [
            'source' => ['required', 'string', 'max:120'],
            'issued' => ['nullable', 'string', 'max:120'],
            'hours' => ['present', 'list', 'max:96'],
            'hours.*' => ['array:at,wind,gust,from,wave,visibility,lightning,front'],
            'hours.*.at' => ['required', 'integer:strict', $at, 'distinct'],
            'hours.*.lightning' => ['present', 'nullable', 'boolean:strict'],
            'hours.*.front' => ['present', 'nullable', 'boolean:strict'],
        ] + $figures;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['source.required' => 'Must say where it is from.'];
    }
}
