<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Fish\Species;
use App\Http\Asked\SpreadContent;
use Illuminate\Validation\Rule;

final class SaveTemplateRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'species' => ['nullable', Rule::enum(Species::class)],
            'season' => ['nullable', Rule::in(['spring', 'summer', 'autumn', 'winter'])],
        ] + self::spreadRules();
    }
}
