<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Admek\Core\Fish\Species;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class CreateTripRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'lines_in' => ['required', 'string', 'date_format:H:i'],
            'back_by' => ['required', 'string', 'date_format:H:i', 'after:lines_in'],
            'ground' => ['required', 'string', 'max:60'],
            'anglers' => ['required', 'integer:strict', 'between:1,12'],
            'line_limit' => ['nullable', 'integer:strict', 'between:1,60'],
            'limit_source' => ['nullable', 'string', 'max:120'],
            'species' => ['required', 'list', 'min:1', 'max:4'],
            'species.*' => ['distinct', Rule::enum(Species::class)],
            'bottom' => ['nullable', 'numeric:strict', 'between:1,300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'date.date_format' => 'Must be a day as year-month-day.',
            'lines_in.date_format' => 'Must be a time from 00:00 to 23:59.',
            'back_by.date_format' => 'Must be a time from 00:00 to 23:59.',
            'back_by.after' => 'Must be later than lines-in.',
            'anglers.between' => 'Must be a number from 1 to 12.',
            'bottom.between' => 'Must be from 1 to 300 m (3 to 984 ft).',
            'species.required' => 'Must name at least one species.',
        ];
    }
}
