<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Signs\Layer;
use Admek\Core\Water\Signs\WaterSigns;

/** What the column's temperature tells: where it breaks, and what has changed since an earlier day. */
final readonly class TemperatureAdvice
{
    /** @param  RuleBook  $rules  of {@see ReadingRules} */
    public function __construct(private WaterSigns $signs, private RuleBook $rules)
    {
    }

    /** @return list<Advice> */
    public function advice(): array
    {
        return array_values(array_filter([$this->thermocline(), $this->change()]));
    }

    private function thermocline(): ?Advice
    {
        $profile = $this->signs->profile;
        if ($profile === null) {
            return $this->signs->surfaceTemperature === null ? null : new Advice(
                'thermocline',
                'temperature',
                Sentence::of('Surface {surface}', ['surface' => [Quantity::Temperature, $this->signs->surfaceTemperature]]),
                Sentence::of('As it was told for the trip. What lies below nobody has read: a probe, or a line’s own, tells.'),
            );
        }
        $layer = $profile->thermocline($this->rules);
        $more = count($profile->layers($this->rules)) - 1;
        $spread = $profile->warmest() - $profile->coldest();

        return $layer === null
            ? new Advice(
                'thermocline',
                'temperature',
                Sentence::of('No thermocline'),
                Sentence::of(
                    'It cools by {spread} from top to bottom, nowhere fast enough to hold fish to a depth: look for warmer or '
                        .'colder water along the shore.',
                    ['spread' => [Quantity::TemperatureStep, $spread]],
                ),
            )
            : new Advice(
                'thermocline',
                'temperature',
                Sentence::of('Thermocline {top#} to {bottom}', self::layerFigures($layer)),
                Sentence::of(
                    'From {warm} to {cold}, at most {steepest}.'.(
                        $more > 0 ? ' Another break lies elsewhere in the column.' : ''
                    ),
                    self::layerFigures($layer),
                ),
            );
    }

    /** Against an earlier day: water that has come up, or settled. */
    private function change(): ?Advice
    {
        [$now, $then] = [$this->signs->profile, $this->signs->earlier];
        if ($now === null || $then === null || $now->surface() === null || $then->surface() === null) {
            return null;
        }
        $colder = $then->surface() - $now->surface();
        [$layer, $was] = [$now->thermocline($this->rules), $then->thermocline($this->rules)];
        $since = [
            'days' => $this->signs->earlierDays === 1 ? 'a day' : "{$this->signs->earlierDays} days",
            'by' => [Quantity::TemperatureStep, abs($colder)],
        ];

        return match (true) {
            $colder > $this->rules->get('upwelled') => new Advice(
                'change',
                'temperature',
                Sentence::of('Cold water has come up'),
                Sentence::of(
                    'The surface is {by} colder than {days} ago: wind off the shore has blown the warm water out. Fish the '
                        .'edge where it meets the warm, farther out, or what the cold has brought in.',
                    $since,
                ),
            ),
            $layer !== null && $was !== null && abs($layer->top - $was->top) > $this->rules->get('moved') => new Advice(
                'change',
                'temperature',
                Sentence::of(
                    $layer->top > $was->top ? 'Thermocline {moved} deeper' : 'Thermocline {moved} shallower',
                    ['moved' => [Quantity::Depth, abs($layer->top - $was->top)]],
                ),
                Sentence::of('Against {days} ago: fish that held to it have gone with it.', $since),
            ),
            $layer === null && $was !== null => new Advice(
                'change',
                'temperature',
                Sentence::of('The thermocline is gone'),
                Sentence::of(
                    '{days} ago there was one: the column has turned over, and fish are anywhere in it.',
                    ['days' => ucfirst($since['days'])],
                ),
            ),
            abs($colder) < $this->rules->get('as_before') => new Advice(
                'change', 'temperature', Sentence::of('As {days} ago', $since), Sentence::of('What held then should hold.'),
            ),
            default => new Advice(
                'change',
                'temperature',
                Sentence::of('Much as {days} ago', $since),
                Sentence::of('The surface is within {by} of what it was: what held then should hold.', $since),
            ),
        };
    }

    /** @return array<string, array{Quantity, float}> */
    private static function layerFigures(Layer $layer): array
    {
        return [
            'top' => [Quantity::Depth, $layer->top], 'bottom' => [Quantity::Depth, $layer->bottom],
            'warm' => [Quantity::Temperature, $layer->warm],
            'cold' => [Quantity::Temperature, $layer->cold], 'steepest' => [Quantity::Gradient, $layer->steepest],
        ];
    }
}
