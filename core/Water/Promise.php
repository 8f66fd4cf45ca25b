<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Fish\Species;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;

/** Which presentations promise most for each band, best first: those that get there, and suit the fish and the water. */
final readonly class Promise
{
    /** m from and to that each fishes well at trolling speed; what it truly reaches the planning table solves. */
    private const REACH = [
        'rigger' => [4, 90], 'stacker' => [10, 80], 'diver' => [6, 36], 'core' => [3, 17], 'segment' => [3, 12], 'wire' => [8, 30],
        'flat' => [0, 6], 'clip' => [3, 12], 'bouncer' => [2, 20], 'dropper' => [2, 12], 'wash' => [0, 4], 'down_rod' => [1, 6],
    ];

    private const MOST = 4;

    /** @param  list<Band>  $bands  in order of priority */
    public function __construct(private WaterSigns $signs, private array $bands)
    {
    }

    /** @return list<Advice> */
    public function advice(): array
    {
        $advice = [];
        foreach ($this->bands as $band) {
            $ranked = $this->ranked($band);
            if ($ranked === []) {
                continue;
            }
            $words = array_map(static fn (array $one): string => $one['presentation']->entry()->plural, $ranked);
            $advice[] = new Advice("presentation_{$band->species->value}", 'presentation', Sentence::of('{name}: {list}', ['name' => ucfirst($band->species->label()), 'list' => implode(', ', $words)]), Sentence::of(
                "For {top#} to {bottom}. {$ranked[0]['why']}",
                ['top' => [Quantity::Depth, $band->top], 'bottom' => [Quantity::Depth, $band->bottom]],
            ));
        }

        return $advice;
    }

    /** @return list<array{presentation: Presentation, score: float, why: string}> the best first */
    private function ranked(Band $band): array
    {
        $ranked = [];
        foreach (self::REACH as $name => [$from, $to]) {
            $shared = (min($band->bottom, $to) - max($band->top, $from)) / ($band->bottom - $band->top);
            [$suits, $why] = $this->suits(Presentation::from($name), $band);
            if ($shared > 0.25 && $suits > 0.0) {
                $ranked[] = ['presentation' => Presentation::from($name), 'score' => $suits * min(1.0, $shared), 'why' => $why];
            }
        }
        usort($ranked, static fn (array $a, array $b): int => [$b['score'], $a['presentation']->value] <=> [$a['score'], $b['presentation']->value]);

        return array_slice($ranked, 0, self::MOST);
    }

    /** @return array{float, string} how well, and why */
    private function suits(Presentation $presentation, Band $band): array
    {
        $onBottom = $band->from === 'bottom';
        $shy = $this->signs->clarity === Clarity::Clear && $this->signs->surface !== Surface::Rough;
        $shallow = $band->bottom <= 12 * Units::FOOT * 3;
        $river = ($this->signs->currentSurface ?? 0.0) > 0.5;
        $muskie = $band->species === Species::Muskie;
        $walleye = $band->species === Species::Walleye;

        return match ($presentation) {
            Presentation::Rigger => [$muskie || $walleye && $shallow ? 0.3 : ($onBottom ? 1.1 : 1.0), $onBottom ? 'A ball holds just off bottom, foot by foot.' : 'A ball holds its depth at any speed.'],
            Presentation::Stacker => [$muskie || $walleye ? 0.0 : 0.7, 'A second lure on the cable covers more of the band.'],
            Presentation::Diver => [$muskie ? 0.2 : 0.95, 'Divers get down and out to the side, over water the boat has not run.'],
            Presentation::Core => [$muskie ? 0.1 : ($shy ? 1.1 : 0.9), $shy ? 'Core behind boards is far and quiet, which clear water asks for.' : 'Core rises and sinks with speed, and calls fish in turns.'],
            Presentation::Segment => [$muskie ? 0.0 : ($walleye ? 0.9 : 0.6), 'A short core behind a board fishes the middle water far out.'],
            Presentation::Wire => [$muskie ? 0.0 : 0.7, 'Wire goes deep behind the boat without a ball.'],
            Presentation::Flat => [$band->top <= 3.0 ? ($shy ? 1.25 : 1.05) : 0.4, 'Flat lines on boards fish the top, away from the boat.'],
            Presentation::Clip => [$walleye ? 1.0 : 0.5, 'A clip weight takes a plain lure to mid water.'],
            Presentation::Bouncer => [$walleye && $onBottom ? 1.4 : 0.0, 'A bouncer ticks along where they lie.'],
            Presentation::Dropper => [$walleye && $river ? 1.3 : 0.0, 'In current a dropper holds bottom and keeps the bait off it.'],
            Presentation::Wash => [$muskie ? ($shy ? 0.8 : 1.3) : 0.0, 'Short in the wash: churned water draws them.'],
            Presentation::DownRod => [$muskie ? 1.0 : 0.0, 'A long down rod fishes beside the wash.'],
        };
    }
}
