<?php

declare(strict_types=1);

namespace App\Http\Previews;

use App\Http\Asked\SpreadContent;

final class RodRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['holder_id' => ['required', 'integer:strict']] + self::spreadRules() + $this->whatIfRules();
    }
}
