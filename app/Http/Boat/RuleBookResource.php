<?php

declare(strict_types=1);

namespace App\Http\Boat;

use Admek\Core\Books\Book;
use Admek\Core\Rules\Rule;
use Admek\Core\Units\Units;
use App\Models\Boat;

/** A book of rules in the boat's units, each with its reason and its range. */
final class RuleBookResource
{
    /** @return array<string, mixed> */
    public static function of(Book $book, Boat $boat): array
    {
        $units = Units::from($boat->units);
        $has = $boat->book($book);
        $shown = static fn (Rule $rule, ?float $si): ?float => $si === null ? null : round(
            $units->fromSi($rule->quantity, $si), 4,
        );

        return ['book' => $book->value, 'rules' => array_values(array_map(static fn (Rule $rule): array => [
            'key' => $rule->key, 'label' => $rule->label, 'why' => $rule->why, 'unit' => $units->unit($rule->quantity),
            'optional' => $rule->optional, 'own' => $has->isOwn($rule->key),
            'value' => $shown($rule, $has->find($rule->key)), 'default' => $shown($rule, $rule->default),
            'least' => $shown($rule, $rule->least), 'most' => $shown($rule, $rule->most),
        ], $has->rules))];
    }
}
