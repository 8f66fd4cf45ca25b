<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Tackle\Catalogue\GearForm;
use App\Models\Boat;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A piece of gear as it is typed in; which figures it has depends on the list it goes to. */
final class GearRequest extends FormRequest
{
    /** Figures of a rated point are given together or not at all. */
    private const TOGETHER = [
        'rated_depth' => 'required_with:rated_lead,rated_line_diameter,rated_speed',
        'rated_lead' => 'required_with:rated_depth',
        'rated_line_diameter' => 'required_with:rated_depth',
        'rated_speed' => 'required_with:rated_depth',
        'backing_test' => 'required_with:backing_material',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(Boat $boat): array
    {
        $form = GearForm::from((string) $this->route('list'));
        $name = Rule::unique($form->value, 'name')->where('boat_id', $boat->id)->ignore($this->route('id'));
        $rules = ['name' => ['required', 'string', 'max:60', $name]];
        foreach ($form->fields() as $field) {
            $rules[$field->key] = array_values(array_filter([
                match (true) {
                    $field->optional => 'nullable',
                    $field->keeps => null,
                    default => 'required',
                },
                self::TOGETHER[$field->key] ?? null,
                match (true) {
                    $field->options !== null => Rule::in(array_keys($field->options)),
                    $field->quantity !== null => 'numeric:strict',
                    is_bool($field->start) => 'boolean:strict',
                    default => 'string',
                },
                $field->quantity === null ? ($field->options === null && ! is_bool($field->start) ? 'max:40' : null) : null,
                $field->least === null ? null : "between:{$field->least},{$field->most}",
            ]));
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Must be a name to know it by.',
            'name.unique' => 'Must be unlike every other in this list.',
            'finish.required' => 'Must be said, so that two of a finish can be told.',
        ] + array_fill_keys(
            array_map(
                static fn (string $figure): string => "{$figure}.required_with",
                ['rated_depth', 'rated_lead', 'rated_line_diameter', 'rated_speed'],
            ),
            'Must be given: a rated point is depth, lead, line and speed together.',
        );
    }
}
