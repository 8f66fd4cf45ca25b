<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Validator;

final class ReachRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'speed' => self::spreadRules()['speed'],
            'depth' => ['required', 'numeric:strict', 'between:0,150'],
            'line' => ['required', 'array'],
        ] + self::whatIfRules();
    }

    public function after(): array
    {
        return [fn (Validator $validator) => LineShape::check($validator, $this->input('line'), 'line')];
    }

    /** @return array<string, mixed> */
    public function line(): array
    {
        /** @var array<string, mixed> */
        return $this->array('line');
    }
}
