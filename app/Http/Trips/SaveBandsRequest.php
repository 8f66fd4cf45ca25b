<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Fish\Species;
use Admek\Core\Spread\Drafting\DraftBand;
use App\Http\Within;
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
            'bands.*.top' => ['required', 'numeric:strict', Within::range(DraftBand::TOP)],
            'bands.*.bottom' => ['required', 'numeric:strict', Within::range(DraftBand::BOTTOM), 'gt:bands.*.top'],
            'bands.*.weight' => ['required', 'numeric:strict', Within::range(DraftBand::WEIGHT)],
        ];
    }
}
