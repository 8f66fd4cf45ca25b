<?php

declare(strict_types=1);

namespace App\Http\Water;

use Illuminate\Foundation\Http\FormRequest;

final class MarkRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'depth' => ['required', 'numeric:strict', 'between:0,300'],
            'count' => ['required', 'integer:strict', 'between:1,500'],
            'tight' => ['required', 'boolean:strict'],
            'size' => ['required', 'in:small,medium,large'],
        ];
    }
}
