<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\CurrentTold;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Surface;
use App\Http\Within;
use Illuminate\Validation\Rule;

/** What is seen of the water; null is not known. */
final class SignsShape
{
    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'clarity' => ['nullable', Rule::enum(Clarity::class)],
            'sky' => ['nullable', Rule::enum(Sky::class)],
            'surface' => ['nullable', Rule::enum(Surface::class)],
            'forage' => ['nullable', Rule::enum(Forage::class)],
        ] + array_map(
            static fn (array $range): array => ['nullable', 'numeric:strict', Within::range($range)], CurrentTold::RANGES,
        );
    }
}
