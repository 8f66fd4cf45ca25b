<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Fish\Species;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class SaveBandsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['bands' => ['present', 'list', 'max:6']] + self::bandRules();
    }

    /** @return array<string, list<mixed>> */
    public static function bandRules(): array
    {
        return [
            'bands' => ['required', 'list', 'min:1', 'max:6'],
            'bands.*.species' => ['required', 'distinct', Rule::enum(Species::class)],
            'bands.*.top' => ['required', 'numeric:strict', 'between:0,150'],
            'bands.*.bottom' => ['required', 'numeric:strict', 'between:0.3,160', 'gt:bands.*.top'],
            'bands.*.weight' => ['required', 'numeric:strict', 'between:0,100'],
        ];
    }
}
