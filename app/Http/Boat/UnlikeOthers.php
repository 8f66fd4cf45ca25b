<?php

declare(strict_types=1);

namespace App\Http\Boat;

use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;

/** A name that no other row of its list has, whatever its letters’ size; what is no text at all is for other rules to say. */
final class UnlikeOthers implements DataAwareRule, ValidationRule
{
    /** @var array<string, mixed> */
    private array $data = [];

    public function __construct(private readonly string $said)
    {
    }

    /** @param  array<string, mixed>  $data */
    public function setData(array $data): static
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        [$list, , $name] = explode('.', $attribute) + [1 => '', 2 => ''];
        $others = array_filter(data_get($this->data, "{$list}.*.{$name}", []), is_string(...));
        $likes = is_string($value) ? array_keys(array_map(mb_strtolower(...), $others), mb_strtolower($value), true) : [];
        if (count($likes) > 1) {
            $fail($this->said);
        }
    }
}
