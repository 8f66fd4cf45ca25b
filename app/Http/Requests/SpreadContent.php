<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Admek\Core\Spread\Conditions;
use Admek\Core\Tackle\Material;
use Admek\Core\Tackle\Presentation;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A request that carries a spread's speed and lines; types are held here, ranges by the core's own values. */
abstract class SpreadContent extends FormRequest
{
    private const MOST_LINES = 32;

    /** @return array<string, list<mixed>> */
    protected static function spreadRules(): array
    {
        return [
            'speed' => ['required', 'numeric:strict', self::between(Conditions::SLOWEST, Conditions::FASTEST)],
            'lines' => ['present', 'list', 'max:'.self::MOST_LINES],
            'lines.*' => ['array:holder_id,presentation,reel_id,lure_id,ball_id,diver_id,board_id,let_out,colours,backing,lead,dial,board_out,clip_mass,leader_length,leader_test,leader_material'],
            'lines.*.holder_id' => ['required', 'integer:strict', 'distinct'],
        ] + self::lineRules('lines.*');
    }

    /** @return array<string, list<mixed>> */
    protected static function lineRules(string $at): array
    {
        $rules = [
            "{$at}.presentation" => ['required', Rule::enum(Presentation::class)],
            "{$at}.leader_material" => ['nullable', Rule::enum(Material::class)],
        ];
        foreach (['reel_id', 'lure_id'] as $id) {
            $rules["{$at}.{$id}"] = ['required', 'integer:strict'];
        }
        foreach (['ball_id', 'diver_id', 'board_id'] as $id) {
            $rules["{$at}.{$id}"] = ['nullable', 'integer:strict'];
        }
        foreach (\App\Models\SpreadLine::FIGURES as $figure) {
            $rules["{$at}.{$figure}"] = ['nullable', 'numeric:strict'];
        }

        return $rules;
    }

    /** @return array<string, list<mixed>> */
    protected static function whatIfRules(): array
    {
        return [
            'what_if' => ['nullable', 'array:speed,turn'],
            'what_if.speed' => ['nullable', 'numeric:strict', self::between(Conditions::SLOWEST, Conditions::FASTEST)],
            'what_if.turn' => ['nullable', 'array:radius,side'],
            'what_if.turn.radius' => ['required_with:what_if.turn', 'numeric:strict', 'between:5,100000'],
            'what_if.turn.side' => ['required_with:what_if.turn', Rule::enum(Side::class)],
        ];
    }

    public function conditions(): Conditions
    {
        $turn = $this->input('what_if.turn') === null
            ? null
            : new Turn($this->float('what_if.turn.radius'), Side::from($this->string('what_if.turn.side')->value()));

        return new Conditions($this->input('what_if.speed') === null ? $this->float('speed') : $this->float('what_if.speed'), $turn);
    }

    /** @return list<array<string, mixed>> */
    public function lines(): array
    {
        /** @var list<array<string, mixed>> */
        return array_values($this->array('lines'));
    }

    private static function between(float $least, float $most): string
    {
        return "between:{$least},{$most}";
    }
}
