<?php

declare(strict_types=1);

namespace App\Http\Devices;

use App\Access\PairingCodes;
use Illuminate\Foundation\Http\FormRequest;

final class ComeAboardRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'regex:/^\d{'.PairingCodes::DIGITS.'}$/'], 'name' => DeviceRequest::NAME];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code' => 'Must be the '.PairingCodes::DIGITS.' digits the captain’s screen shows.',
            'name' => DeviceRequest::NAMED,
        ];
    }

    /** Typed as it is read, in two threes. */
    protected function prepareForValidation(): void
    {
        $code = $this->input('code');
        if (is_string($code)) {
            $this->merge(['code' => (string) preg_replace('/\s+/', '', $code)]);
        }
    }
}
