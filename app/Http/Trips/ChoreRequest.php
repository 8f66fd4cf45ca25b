<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Illuminate\Foundation\Http\FormRequest;

/** A chore of the captain's own, or what he says of one. */
final class ChoreRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $needed = $this->isMethod('POST') ? 'required' : 'sometimes';

        return [
            'what' => [$needed, 'string', 'max:120'],
            'at' => [$this->isMethod('POST') ? 'required' : 'nullable', 'integer:strict', 'between:-2880,2880'],
            'minutes' => ['nullable', 'integer:strict', 'between:1,1440'],
            'owner' => ['nullable', 'string', 'max:40'],
            'dropped' => ['boolean:strict'],
            'done' => ['boolean:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'what.required' => 'Must say what is to be done.',
            'at.required' => 'Must be a clock time.',
            'at.between' => 'Must be within two days of the trip.',
        ];
    }
}
