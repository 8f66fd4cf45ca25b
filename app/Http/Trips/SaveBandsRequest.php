<?php

declare(strict_types=1);

namespace App\Http\Trips;

use App\Http\Spreads\DraftRequest;
use Illuminate\Foundation\Http\FormRequest;

final class SaveBandsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['bands' => ['present', 'list', 'max:6']] + DraftRequest::bandRules();
    }
}
