<?php

declare(strict_types=1);

namespace App\Http\Spreads;

use Admek\Core\Records\Sounding;
use Admek\Core\Records\SoundingMethod;
use App\Http\Asked\SpreadContent;
use App\Http\Within;
use Illuminate\Validation\Rule;

final class TakeSoundingRequest extends SpreadContent
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'holder_id' => ['required', 'integer:strict'],
            'taken_at' => ['required', 'string', 'date_format:Y-m-d\TH:i:s\Z'],
            'method' => ['required', Rule::enum(SoundingMethod::class)],
            'depth' => ['required', 'numeric:strict', Within::range(Sounding::DEPTH)],
        ] + self::spreadRules() + $this->whatIfRules();
    }
}
