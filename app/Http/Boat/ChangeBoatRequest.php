<?php

declare(strict_types=1);

namespace App\Http\Boat;

final class ChangeBoatRequest extends BoatRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['version' => ['required', 'integer:strict', 'min:1']];
    }
}
