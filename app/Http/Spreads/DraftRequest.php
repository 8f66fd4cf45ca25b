<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Fish\Species;
use Illuminate\Validation\Rule;

final class DraftRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::bandRules() + self::spreadRules() + self::whatIfRules();
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
