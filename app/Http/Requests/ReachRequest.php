<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class ReachRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'speed' => self::spreadRules()['speed'],
            'depth' => ['required', 'numeric:strict', 'between:0,150'],
            'line' => ['required', 'array'],
            'line.holder_id' => ['required', 'integer:strict'],
        ] + self::lineRules('line') + self::whatIfRules();
    }

    /** @return array<string, mixed> */
    public function line(): array
    {
        /** @var array<string, mixed> */
        return $this->array('line');
    }
}
