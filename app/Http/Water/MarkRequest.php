<?php

declare(strict_types=1);

namespace App\Http\Water;

use Admek\Core\Water\Signs\Mark;
use App\Http\Within;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class MarkRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'depth' => ['required', 'numeric:strict', Within::range(Mark::DEPTH)],
            'count' => ['required', 'integer:strict', Within::range(Mark::COUNT)],
            'tight' => ['required', 'boolean:strict'],
            'size' => ['required', Rule::in(Mark::SIZES)],
        ];
    }
}
