<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Plan\SettingSchool;
use Illuminate\Validation\Rule;

final class SaveSpreadRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer:strict', 'min:1']] + self::orderRules() + self::spreadRules();
    }

    /** @return array<string, list<mixed>> */
    public static function orderRules(): array
    {
        return [
            'school' => [Rule::enum(SettingSchool::class)],
            'setting_order' => ['nullable', 'list', 'max:'.SpreadLimits::MOST_HOLDERS],
            'setting_order.*' => ['integer:strict', 'distinct'],
        ];
    }
}
