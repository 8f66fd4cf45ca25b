<?php

declare(strict_types=1);

namespace App\Http\Water;

use Admek\Core\Water\Mark;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class MarkRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'depth' => ['required', 'numeric:strict', 'between:0,300'],
            'count' => ['required', 'integer:strict', 'between:1,500'],
            'tight' => ['required', 'boolean:strict'],
            'size' => ['required', Rule::in(Mark::SIZES)],
        ];
    }
}
