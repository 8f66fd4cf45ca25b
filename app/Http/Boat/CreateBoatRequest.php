<?php

declare(strict_types=1);

namespace App\Http\Boat;

final class CreateBoatRequest extends BoatRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['starter_locker' => ['required', 'boolean:strict']];
    }
}
