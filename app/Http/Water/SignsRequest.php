<?php

declare(strict_types=1);

namespace App\Http\Water;

use App\Http\Asked\SignsShape;
use Illuminate\Foundation\Http\FormRequest;

/** What is seen of the water; what is not named stays. */
final class SignsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return SignsShape::rules();
    }
}
