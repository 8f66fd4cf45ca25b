<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Boat\Hull;
use Admek\Core\Spread\Plan\PlannedLine;
use App\Http\Asked\SpreadContent;
use App\Http\Within;

final class ReachRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'depth' => ['required', 'numeric:strict', Within::range(PlannedLine::AIM)],
            'by' => ['nullable', 'in:control,other'],
            'holder_ids' => ['required', 'list', 'min:1', 'max:'.Hull::MOST_HOLDERS],
            'holder_ids.*' => ['integer:strict', 'distinct'],
        ] + self::spreadRules() + $this->whatIfRules();
    }
}
