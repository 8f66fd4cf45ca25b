<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Spread\Check\SpreadLimits;
use App\Http\Asked\SpreadContent;

final class ReachRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'depth' => ['required', 'numeric:strict', 'between:0,150'],
            'by' => ['nullable', 'in:control,other'],
            'holder_ids' => ['required', 'list', 'min:1', 'max:'.SpreadLimits::MOST_HOLDERS],
            'holder_ids.*' => ['integer:strict', 'distinct'],
        ] + self::spreadRules() + $this->whatIfRules();
    }
}
