<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Fish\Species;
use Admek\Core\Rules\RuleBook;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Catalogue\Prospect;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;
use Admek\Core\Water\Box\MuskieLeads;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Surface;
use Admek\Core\Water\Signs\WaterSigns;

/** Which presentations promise most for each band, best first: those that get there, and suit the fish and the water. */
final readonly class Promise
{
    private const MOST = 4;

    private RuleBook $rules;

    /**
     * @param  list<Band>  $bands  in order of priority
     * @param  ?RuleBook  $rules  of {@see ReadingRules}; null for the defaults
     * @param  array<string, string>  $schools  chosen, by the advice's key
     */
    public function __construct(
        private WaterSigns $signs, private array $bands, ?RuleBook $rules = null, private array $schools = [],
    ) {
        $this->rules = $rules ?? RuleBook::of(ReadingRules::rules());
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
            $figures = ['name' => ucfirst($band->species->label()), 'list' => implode(', ', $words)];
            $answer = Sentence::of('{name}: {list}', $figures);
            $advice[] = new Advice("presentation_{$band->species->value}", 'presentation', $answer, Sentence::of(
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
        $prospect = $this->prospect($band);
        foreach (Presentation::cases() as $presentation) {
            $entry = $presentation->entry();
            if ($entry->suits === null) {
                continue;
            }
            [$from, $to] = $entry->fishes;
            $shared = (min($band->bottom, $to) - max($band->top, $from)) / ($band->bottom - $band->top);
            [$suits, $why] = ($entry->suits)($prospect);
            if ($shared > $this->rules->get('within_reach') && $suits > 0.0) {
                $ranked[] = ['presentation' => $presentation, 'score' => $suits * min(1.0, $shared), 'why' => $why];
            }
        }
        usort(
            $ranked,
            static fn (array $a, array $b): int => [$b['score'], $a['presentation']->value] <=> [
                $a['score'], $b['presentation']->value,
            ],
        );

        return array_slice($ranked, 0, self::MOST);
    }

    /** A band and its water as the catalogue of presentations looks at them. */
    public function prospect(Band $band): Prospect
    {
        return new Prospect(
            $band->top,
            onBottom: $band->from === 'bottom',
            shy: $this->signs->clarity === Clarity::Clear && $this->signs->surface !== Surface::Rough,
            shallow: $band->bottom <= $this->rules->get('shallow'),
            river: $this->signs->isRiver($this->rules),
            coldShallows: $band->species->isSalmonid() && $this->signs->isColdShallows($this->rules),
            walleye: $band->species === Species::Walleye,
            muskie: $band->species === Species::Muskie
                ? MuskieLeads::lengths($this->signs, $this->rules, $this->schools) : null,
        );
    }
}
