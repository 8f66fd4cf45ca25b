<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Illuminate\Foundation\Http\FormRequest;

final class SaveBottomRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'bottom' => ['nullable', 'numeric:strict', 'between:1,300'],
            'clearance' => ['nullable', 'numeric:strict', 'between:0,30'],
            'structure' => ['nullable', 'numeric:strict', 'between:0,30'],
            'profile_name' => ['nullable', 'string', 'max:60'],
            'profile' => ['nullable', 'string', 'max:1000000'],
        ];
    }
}
