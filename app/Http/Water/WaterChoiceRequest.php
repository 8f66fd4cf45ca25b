<?php

declare(strict_types=1);

namespace App\Http\Water;

use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;
use App\Reading\TripWater;
use Illuminate\Foundation\Http\FormRequest;

/** What the captain makes of one piece of the reading. */
final class WaterChoiceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'advice' => ['required_without:band', 'string', 'max:60'],
            'state' => ['nullable', 'in:free,pinned,refused,changed'],
            'answer' => ['nullable', 'required_if:state,changed', 'string', 'max:120'],
            'school' => ['nullable', 'string', 'max:30'],
            'band' => ['nullable', 'array:species,top,bottom,weight'],
            'band.species' => ['required_with:band', 'string'],
            'band.top' => ['nullable', 'numeric:strict', 'between:0,300'],
            'band.bottom' => ['nullable', 'numeric:strict', 'between:0.5,300', 'gt:band.top'],
            'band.weight' => ['nullable', 'numeric:strict', 'between:0.1,10'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['band.bottom.gt' => 'Must be deeper than its top.', 'answer.required_if' => 'Must say what instead.'];
    }

    /**
     * @param  array<string, mixed>  $choices  as they are
     * @return array<string, mixed> as they are from now on
     */
    public function on(array $choices, TripWater $water, Units $units): array
    {
        if ($this->input('band') !== null) {
            return $this->onBand($choices, $water);
        }
        $key = $this->string('advice')->value();
        foreach ($water->advice as $advice) {
            if ($advice->key !== $key) {
                continue;
            }
            if ($this->input('school') !== null) {
                if (! in_array($this->input('school'), array_column($advice->schools, 'key'), true)) {
                    throw InvalidValue::because('school', 'one of '.implode(', ', array_column($advice->schools, 'key')));
                }
                $choices['schools'][$key] = $this->input('school');
            }
            $state = $this->input('state');
            if ($state === 'free') {
                unset($choices['advice'][$key]);
            } elseif ($state !== null) {
                $choices['advice'][$key] = [
                    'state' => $state,
                    'answer' => $state === 'changed' ? $this->input('answer') : $advice->answer->in($units),
                    'why' => $advice->why->in($units),
                ];
            }

            return $choices;
        }
        throw InvalidValue::because('advice', 'something the reading says');
    }

    /**
     * @param  array<string, mixed>  $choices
     * @return array<string, mixed>
     */
    private function onBand(array $choices, TripWater $water): array
    {
        $species = (string) $this->input('band.species');
        foreach ($water->bands as $band) {
            if ($band->species->value !== $species) {
                continue;
            }
            if ($this->input('band.top') === null || $this->input('band.bottom') === null) {
                unset($choices['bands'][$species]);
            } else {
                $choices['bands'][$species] = [
                    'top' => $this->float('band.top'),
                    'bottom' => $this->float('band.bottom'),
                    'weight' => (float) ($this->input('band.weight') ?? $band->weight),
                ];
            }

            return $choices;
        }
        throw InvalidValue::because('band.species', 'a species the reading has a band for');
    }
}
