<?php

declare(strict_types=1);

namespace App\Http\Asked;

use Admek\Core\Boat\Hull;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\SettingSchool;
use Admek\Core\Towing\Medium\Current;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;
use App\Http\Within;
use App\Models\Trip;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/**
 * A request that carries a spread's speed and lines; types are held here and in {@see LineShape}, ranges by the core's own
 * values.
 */
abstract class SpreadContent extends FormRequest
{
    /** @return array<string, list<mixed>> */
    protected static function spreadRules(): array
    {
        return [
            'speed' => ['required', 'numeric:strict', Within::range([Conditions::SLOWEST, Conditions::FASTEST])],
            'lines' => ['present', 'list', 'max:'.Hull::MOST_HOLDERS],
        ];
    }

    /** @return array<string, list<mixed>> */
    protected static function orderRules(): array
    {
        return [
            'school' => [Rule::enum(SettingSchool::class)],
            'setting_order' => ['nullable', 'list', 'max:'.Hull::MOST_HOLDERS],
            'setting_order.*' => ['integer:strict', 'distinct'],
        ];
    }

    /** @return list<Closure(Validator): void> */
    public function after(): array
    {
        return [fn (Validator $validator) => LineShape::checkAll($validator, $this->input('lines'))];
    }

    /** @return array<string, list<mixed>> no more than what is asked: each rule costs every preview its time */
    protected function whatIfRules(): array
    {
        $asked = ['what_if' => ['nullable', 'array:speed,turn,current,gone,untrued']];

        return $this->input('what_if') === null ? $asked : $asked + [
            'what_if.gone' => ['nullable', 'numeric:strict', Within::range(Bottom::ALONG)],
            'what_if.untrued' => ['boolean:strict'],
            'what_if.speed' => ['nullable', 'numeric:strict', Within::range([Conditions::SLOWEST, Conditions::FASTEST])],
            'what_if.turn' => ['nullable', 'array:radius,side', 'required_array_keys:radius,side'],
            'what_if.turn.radius' => ['required_with:what_if.turn', 'numeric:strict', Within::range(Conditions::TURNED)],
            'what_if.turn.side' => ['required_with:what_if.turn', Rule::enum(Side::class)],
            'what_if.current' => [
                'nullable', 'array:heading,surface,deep', 'required_array_keys:heading,surface,deep',
            ],
            'what_if.current.heading' => ['required_with:what_if.current', 'numeric:strict', Within::range(Current::BEARING)],
            'what_if.current.surface' => ['required_with:what_if.current', 'array:set,drift'],
            'what_if.current.deep' => ['required_with:what_if.current', 'array:depth,set,drift'],
            'what_if.current.deep.depth' => ['required_with:what_if.current', 'numeric:strict', Within::range(Current::DEEP)],
            'what_if.current.surface.set' => ['required_with:what_if.current', 'numeric:strict', Within::range(Current::BEARING)],
            'what_if.current.surface.drift' => ['required_with:what_if.current', 'numeric:strict', Within::range(Current::DRIFT)],
            'what_if.current.deep.set' => ['required_with:what_if.current', 'numeric:strict', Within::range(Current::BEARING)],
            'what_if.current.deep.drift' => ['required_with:what_if.current', 'numeric:strict', Within::range(Current::DRIFT)],
        ];
    }

    /** In the trip's own current, where none is tried in its place. */
    public function conditions(Trip $trip): Conditions
    {
        return new Conditions(
            $this->input('what_if.speed') === null ? $this->float('speed') : $this->float('what_if.speed'),
            $this->input('what_if.turn') === null
                ? null
                : new Turn($this->float('what_if.turn.radius'), Side::from($this->string('what_if.turn.side')->value())),
            $trip->density(),
            $this->input('what_if.current') === null ? $trip->current() : Current::of($this->float('what_if.current.heading'), [
                [
                    'depth' => 0.0,
                    'set' => $this->float('what_if.current.surface.set'),
                    'drift' => $this->float('what_if.current.surface.drift'),
                ],
                [
                    'depth' => $this->float('what_if.current.deep.depth'),
                    'set' => $this->float('what_if.current.deep.set'),
                    'drift' => $this->float('what_if.current.deep.drift'),
                ],
            ]),
        );
    }

    /** m the boat has gone along the trip's bottom profile. */
    public function gone(): float
    {
        return $this->input('what_if.gone') === null ? 0.0 : $this->float('what_if.gone');
    }

    /** @return list<array<string, mixed>> its lines as they were sent */
    public function rows(): array
    {
        /** @var list<array<string, mixed>> */
        return array_values($this->array('lines'));
    }
}
