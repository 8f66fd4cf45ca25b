<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class PreviewRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::spreadRules() + self::whatIfRules();
    }
}
