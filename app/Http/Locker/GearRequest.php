<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Tackle\Parts\BoardSize;
use Admek\Core\Tackle\Parts\DiverSize;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use App\Models\Boat;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A piece of gear as it is typed in; which figures it has depends on the list it goes to. */
final class GearRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(Boat $boat): array
    {
        $list = (string) $this->route('list');
        $name = Rule::unique($list, 'name')->where('boat_id', $boat->id)->ignore($this->route('id'));

        return ['name' => ['required', 'string', 'max:60', $name]] + match ($list) {
            'reels' => [
                'material' => ['required', Rule::enum(Material::class)->except([Material::RiggerCable, Material::RiggerBraid])],
                'test' => ['required', 'numeric:strict', 'between:2,300'],
                'colours' => ['nullable', 'numeric:strict', 'between:0.5,30'],
                'wire_length' => ['nullable', 'numeric:strict', 'between:5,400'],
                'backing_material' => ['nullable', Rule::in([Material::Nylon->value, Material::Fluorocarbon->value, Material::Braid->value])],
                'backing_test' => ['nullable', 'required_with:backing_material', 'numeric:strict', 'between:2,300'],
                'counter_calibrated' => ['boolean:strict'],
                'counter_factor' => ['numeric:strict', 'between:0.5,2'],
            ],
            'balls' => ['mass' => ['required', 'numeric:strict', 'between:0.2,15']],
            'divers' => ['size' => ['required', Rule::enum(DiverSize::class)], 'ringed' => ['required', 'boolean:strict']],
            'boards' => ['size' => ['required', Rule::enum(BoardSize::class)]],
            default => [
                'kind' => ['required', Rule::enum(LureKind::class)],
                'finish' => ['required', 'string', 'max:40'],
                'rated_depth' => ['nullable', 'numeric:strict', 'required_with:rated_lead,rated_line_diameter,rated_speed'],
                'rated_lead' => ['nullable', 'numeric:strict', 'required_with:rated_depth'],
                'rated_line_diameter' => ['nullable', 'numeric:strict', 'required_with:rated_depth'],
                'rated_speed' => ['nullable', 'numeric:strict', 'required_with:rated_depth'],
            ],
        };
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Must be a name to know it by.',
            'name.unique' => 'Must be unlike every other in this list.',
            'finish.required' => 'Must be said, so that two of a finish can be told.',
        ] + array_fill_keys(['rated_depth.required_with', 'rated_lead.required_with', 'rated_line_diameter.required_with', 'rated_speed.required_with'], 'Must be given: a rated point is depth, lead, line and speed together.');
    }
}
