<?php

declare(strict_types=1);

namespace App\Outfitting;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Tackle\Parts\LineStock;
use Admek\Core\Tackle\Parts\Material;
use App\Models\Boat;
use App\Models\Gear\Lure;
use Illuminate\Validation\Rule;

/** What a piece of gear is held to, wherever it comes from: typed, of a table, or of a file. */
final class GearEntry
{
    private const MOST_LETTERS = 200;

    /** Of a rated point, given together or not at all. */
    private const RATED = ['rated_depth', 'rated_lead', 'rated_line_diameter', 'rated_speed'];

    private const TOGETHER = [
        'rated_depth' => 'required_with:rated_lead,rated_line_diameter,rated_speed',
        'rated_lead' => 'required_with:rated_depth',
        'rated_line_diameter' => 'required_with:rated_depth',
        'rated_speed' => 'required_with:rated_depth',
        'backing_test' => 'required_with:backing_material',
    ];

    /**
     * @param  ?int  $own  id of the piece that is put right
     * @return array<string, list<mixed>>
     */
    public static function rules(GearForm $form, Boat $boat, ?int $own): array
    {
        $name = Rule::unique($form->value, 'name')->where('boat_id', $boat->id)->ignore($own);
        $rules = ['name' => ['required', 'string', 'max:60', $name]];
        foreach ($form->fields() as $field) {
            $word = $field->quantity === null && $field->options === null && ! is_bool($field->start);
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
                $field->whole ? 'integer:strict' : null,
                $word ? 'max:'.($field->optional ? self::MOST_LETTERS : 40) : null,
                $field->least === null ? null : "between:{$field->least},{$field->most}",
            ]));
        }

        return $rules;
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'name.required' => 'Must be a name to know it by.',
            'name.unique' => 'Must be unlike every other in this list.',
            'finish.required' => 'Must be said, so that two of a finish can be told.',
        ] + array_fill_keys(
            array_map(static fn (string $figure): string => "{$figure}.required_with", self::RATED),
            'Must be given: a rated point is depth, lead, line and speed together.',
        );
    }

    /**
     * Columns of a validated piece.
     *
     * @param  array<string, mixed>  $figures
     * @return array<string, mixed>
     *
     * @throws InvalidValue where the figures do not go together
     */
    public static function columns(GearForm $form, array $figures): array
    {
        if ($form === GearForm::Reels) {
            LineStock::of(Material::from($figures['material']), (float) $figures['test']);
        }
        if ($form === GearForm::Lures) {
            $figures += array_fill_keys(self::RATED, null);
            $figures = (new Lure($figures))->fitted()->only(['down_area', 'lip']) + $figures;
        }

        return $figures;
    }
}
