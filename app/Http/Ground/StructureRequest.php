<?php

declare(strict_types=1);

namespace App\Http\Ground;

use Admek\Core\Ground\Place;
use Admek\Core\Ground\Structure;
use Admek\Core\Ground\StructureKind;
use App\Http\Within;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Something on the ground, drawn. */
final class StructureRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'], 'kind' => ['required', Rule::enum(StructureKind::class)],
        ] + self::placeRules('required');
    }

    /** @return array<string, list<mixed>> */
    public static function placeRules(string $needed): array
    {
        return [
            'places' => [$needed, 'list', 'min:1', 'max:'.Structure::MOST_PLACES],
        ] + self::coordinates('places.*');
    }

    /** @return array<string, list<mixed>> degrees north and east, in that order */
    public static function coordinates(string $field): array
    {
        [$north, $east] = [Place::MOST_LATITUDE, Place::MOST_LONGITUDE];

        return [
            $field => ['list', 'size:2'],
            "{$field}.0" => ['numeric:strict', Within::range([-$north, $north])],
            "{$field}.1" => ['numeric:strict', Within::range([-$east, $east])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Must be a name to know it by.'];
    }

    public function structure(): Structure
    {
        return new Structure(
            $this->string('name')->value(),
            StructureKind::from($this->string('kind')->value()),
            self::places($this->validated('places')),
        );
    }

    /**
     * @param  non-empty-list<array{float, float}>  $places
     * @return non-empty-list<Place>
     */
    public static function places(array $places): array
    {
        return array_map(static fn (array $at): Place => new Place((float) $at[0], (float) $at[1]), $places);
    }
}
