<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use App\Http\Asked\SpreadContent;

final class SaveSpreadRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer:strict', 'min:1']] + self::orderRules() + self::spreadRules();
    }
}
