<?php

declare(strict_types=1);

namespace App\Http\Previews;

use App\Http\Asked\SpreadContent;

final class SettingRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::orderRules() + self::spreadRules();
    }
}
