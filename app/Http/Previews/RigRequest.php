<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\BoardUse;
use App\Http\Asked\SpreadContent;
use Illuminate\Validation\Rule;

final class RigRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'holder_id' => ['required', 'integer:strict'],
            'presentation' => ['required', Rule::enum(Presentation::class)],
            'board' => ['required', Rule::enum(BoardUse::class)],
            'reel_id' => ['nullable', 'integer:strict'],
        ] + self::spreadRules();
    }
}
