<?php

declare(strict_types=1);

namespace App\Http\Previews;

use Admek\Core\InvalidValue;
use Admek\Core\Manoeuvres\Manoeuvre;
use Admek\Core\Manoeuvres\ManoeuvreKind;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Towing\Motion\Course;
use Admek\Core\Towing\Side;
use App\Http\Asked\SpreadContent;
use App\Http\Within;
use Illuminate\Validation\Rule;

final class ManoeuvreRequest extends SpreadContent
{
    /** Which question of which screen it is. */
    private const QUESTION = ['screen' => ['uuid'], 'number' => ['integer:strict', 'min:1']];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::spreadRules() + $this->whatIfRules() + [
            'manoeuvre' => ['required', 'array:kind,side,figures'],
            'manoeuvre.kind' => ['required', Rule::enum(ManoeuvreKind::class)],
            'manoeuvre.side' => [Rule::enum(Side::class)],
            'manoeuvre.figures' => ['array'],
            'manoeuvre.figures.*' => ['nullable', 'numeric:strict'],
            'question' => ['array:screen,number'],
            'until' => ['nullable', 'numeric:strict', Within::range(Course::TIME)],
        ] + self::question('question.', 'required_with:question');
    }

    /** @return array<string, list<string>> */
    public static function question(string $in = '', string $required = 'required'): array
    {
        $rules = [];
        foreach (self::QUESTION as $key => $each) {
            $rules["{$in}{$key}"] = [$required, ...$each];
        }

        return $rules;
    }

    /** @throws InvalidValue naming the figure */
    public function manoeuvre(RuleBook $rules): Manoeuvre
    {
        /** @var array<string, int|float|null> $figures */
        $figures = $this->array('manoeuvre.figures');
        $side = $this->string('manoeuvre.side')->value();

        return Manoeuvre::of(
            ManoeuvreKind::from($this->string('manoeuvre.kind')->value()), Side::tryFrom($side) ?? Side::Starboard,
            array_map(static fn (int|float|null $figure): ?float => $figure === null ? null : (float) $figure, $figures), $rules,
        );
    }

    /** @return ?\Closure(): bool whether whoever asked still waits; null where nobody says */
    public function isWanted(LeftQuestions $left): ?\Closure
    {
        return $this->has('question')
            ? $left->waiting($this->string('question.screen')->value(), $this->integer('question.number')) : null;
    }

    /** s to follow it for at first, so that something moves at once; null for the whole of it. */
    public function until(): ?float
    {
        return $this->input('until') === null ? null : $this->float('until');
    }
}
