<?php

declare(strict_types=1);

namespace App\Http\Ground;

use Admek\Core\Ground\BottomGrid;
use Admek\Core\Ground\Course;
use Admek\Core\Ground\Place;
use Admek\Core\InvalidValue;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Towing\Medium\Current;
use App\Http\Within;
use App\Reading\PassReport;
use Illuminate\Foundation\Http\FormRequest;

/** A pass: drawn place by place, or an edge followed at a bottom depth near a place. */
final class PassRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $near = StructureRequest::coordinates('follow.near');
        array_unshift($near['follow.near'], 'required_with:follow');

        return [
            'follow' => ['nullable', 'array:depth,near,longest', 'required_without:places'],
            'follow.depth' => ['required_with:follow', 'numeric:strict', Within::range(Bottom::DEPTH)],
            'follow.longest' => ['required_with:follow', 'numeric:strict', Within::range(Course::FOLLOWED_FOR)],
            'speed' => ['required', 'numeric:strict', Within::range([Conditions::SLOWEST, Conditions::FASTEST])],
            'current' => ['nullable', 'array:set,drift'],
            'current.set' => ['required_with:current', 'numeric:strict', Within::range(Current::BEARING)],
            'current.drift' => ['required_with:current', 'numeric:strict', Within::range(Current::DRIFT)],
            'name' => ['nullable', 'string', 'max:60'],
        ] + $near + StructureRequest::placeRules('nullable');
    }

    public function course(?BottomGrid $grid): Course
    {
        if ($this->input('follow') === null) {
            return Course::of(StructureRequest::places($this->validated('places')));
        }
        $near = new Place(...array_map(floatval(...), $this->array('follow.near')));
        $depth = $this->float('follow.depth');
        $nearest = null;
        foreach ($grid?->contour($depth) ?? [] as $line) {
            $course = Course::of($line);
            $away = $course->away($near);
            $nearest = $nearest === null || $away < $nearest['away'] ? ['course' => $course, 'away' => $away] : $nearest;
        }
        if ($nearest === null) {
            throw InvalidValue::because(
                'follow.depth', $grid === null ? 'left out: there is no chart to follow it on' : 'a depth there is on the chart',
            );
        }

        return $nearest['course']->about($near, $this->float('follow.longest'))->simplified(PassReport::STRAY);
    }

    /** @return array{set: float, drift: float}|null */
    public function current(): ?array
    {
        return $this->input('current') === null
            ? null
            : ['set' => $this->float('current.set'), 'drift' => $this->float('current.drift')];
    }
}
