<?php

declare(strict_types=1);

namespace App\Http\Previews;

use App\Http\Spreads\SaveSpreadRequest;
use App\Http\Spreads\SpreadContent;

final class SettingRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return SaveSpreadRequest::orderRules() + self::spreadRules();
    }
}
