<?php

declare(strict_types=1);

namespace App\Http\Trips;

use Admek\Core\Day\Fish;
use Admek\Core\Fish\Species;
use Admek\Core\Records\Outcome;
use App\Http\Asked\SpreadContent;
use App\Http\Days\NewEvent;
use App\Http\Within;
use Illuminate\Validation\Rule;

/** A bite with what every line was doing when it came, so that a bite sent late still tells the truth. */
final class LogBiteRequest extends SpreadContent
{
    /** A device's name for it is the same in capitals. */
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('uuid'))) {
            $this->merge(['uuid' => strtolower($this->input('uuid'))]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'spread_id' => ['required', 'integer:strict'],
            'bitten_at' => ['bail', 'required', 'string', 'date_format:Y-m-d\TH:i:s\Z', ...NewEvent::WHEN],
            'holder_id' => ['required', 'integer:strict'],
            'species' => ['nullable', Rule::enum(Species::class)],
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'length' => ['nullable', 'numeric:strict', Within::range(Fish::LENGTH)],
            'weight' => ['nullable', 'numeric:strict', Within::range(Fish::WEIGHT)],
            'note' => ['nullable', 'string', 'max:'.NewEvent::NOTE],
        ] + self::spreadRules() + $this->whatIfRules();
    }
}
