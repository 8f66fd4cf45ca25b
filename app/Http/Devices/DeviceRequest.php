<?php

declare(strict_types=1);

namespace App\Http\Devices;

use App\Devices\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class DeviceRequest extends FormRequest
{
    public const NAME = ['required', 'string', 'max:40'];

    public const NAMED = 'Must be a name of at most 40 letters, such as “Anna’s phone”.';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => self::NAME, 'role' => ['required', Rule::enum(Role::class)], 'sees_places' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => self::NAMED] + (new PairingRequest)->messages();
    }
}
