<?php

declare(strict_types=1);

namespace App\Http\Boat;

use Admek\Core\Spread\Check\SpreadLimits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class CreateBoatRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'length' => ['required', 'numeric:strict', 'between:3,40'],
            'beam' => ['required', 'numeric:strict', 'between:1,12'],
            'units' => ['required', Rule::in(['us', 'metric'])],
            'timezone' => ['string', 'timezone:all_with_bc'],
            'lines_per_angler' => ['required', 'integer:strict', 'between:1,10'],
            'holders' => ['required', 'list', 'min:1', 'max:'.SpreadLimits::MOST_HOLDERS],
            'holders.*.code' => ['required', 'string', 'max:4', 'distinct:ignore_case'],
            'holders.*.side' => ['required', Rule::in(['port', 'centre', 'starboard'])],
            'holders.*.kind' => ['required', Rule::in(['rod', 'boom'])],
            'holders.*.aft' => ['required', 'numeric:strict', 'between:-40,10'],
            'holders.*.starboard' => ['required', 'numeric:strict', 'between:-10,10'],
            'holders.*.height' => ['required', 'numeric:strict', 'between:0,10'],
            'starter_locker' => ['required', 'boolean:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Must be the boat’s name.',
            'length.between' => 'Must be from 3 to 40 m (10 to 131 ft).',
            'beam.between' => 'Must be from 1 to 12 m (3 to 39 ft).',
            'holders.*.code.distinct' => 'Must be unlike every other holder’s.',
            'holders.*.height.between' => 'Must be from 0 to 10 m (0 to 33 ft).',
        ];
    }
}
