<?php

declare(strict_types=1);

namespace App\Http\Previews;

use App\Http\Asked\SpreadContent;

final class PreviewRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::spreadRules() + $this->whatIfRules() + ['only_depths' => ['boolean:strict']];
    }

    /** Whether a hand is still moving: the depths now, their doubt and what to look at when it rests. */
    public function onlyDepths(): bool
    {
        return $this->boolean('only_depths');
    }
}
