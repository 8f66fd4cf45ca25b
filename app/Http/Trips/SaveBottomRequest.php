<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\SpreadLimits;
use App\Http\Within;
use Illuminate\Foundation\Http\FormRequest;

final class SaveBottomRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'bottom' => ['nullable', 'numeric:strict', Within::range(Bottom::DEPTH)],
            'clearance' => ['nullable', 'numeric:strict', Within::range(SpreadLimits::CLEARANCE)],
            'structure' => ['nullable', 'numeric:strict', Within::range(Bottom::STANDING)],
            'profile_name' => ['nullable', 'string', 'max:60'],
            'profile' => ['nullable', 'string', 'max:1000000'],
        ];
    }
}
