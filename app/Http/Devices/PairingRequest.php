<?php

declare(strict_types=1);

namespace App\Http\Devices;

use App\Devices\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class PairingRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['role' => ['required', Rule::enum(Role::class)], 'sees_places' => ['boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'role' => 'Must be one of '.implode(', ', array_column(Role::cases(), 'value')).'.',
            'sees_places' => 'Must be true or false.',
        ];
    }
}
