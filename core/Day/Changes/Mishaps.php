<?php

declare(strict_types=1);

namespace Admek\Core\Day\Changes;

use Admek\Core\Rules\RuleBook;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Sentence;

/** What to do about a fish that followed and did not take, and about gear that is lost. */
final readonly class Mishaps
{
    /** @param  RuleBook  $rules  of {@see ChangeRules} */
    public function __construct(private RuleBook $rules)
    {
    }

    /** What breaks away from a fish that follows is what it takes. */
    public function followed(Facts $facts): ?Change
    {
        if ($facts->followed === null) {
            return null;
        }
        $minutes = ($facts->now - $facts->followed['at']) / 60.0;

        return $minutes > $this->rules->get('follow_within') ? null : new Change(
            "followed-{$facts->followed['id']}",
            Sentence::of('A burst of speed, then a sharp turn; then a cast to it.'),
            Sentence::of('A fish followed '.($minutes < 1.0 ? 'just now' : '{minutes} ago')
                .' and did not take: it takes what breaks away. The place is kept.', [
                    'minutes' => [Quantity::Minutes, $minutes],
                ]),
        );
    }

    /** Where wood and rock eat gear the fish are; how much of it is the captain's to say. */
    public function gear(Facts $facts): ?Change
    {
        return $facts->gearLost < $this->rules->get('gear_risked') ? null : new Change(
            "gear-{$facts->gearLost}",
            Sentence::of('Lift, or leave this bottom.'),
            Sentence::of(
                '{count} rigs are lost to it today, and {risked} is what you set to risk. Fish hold where gear hangs up.',
                ['count' => $facts->gearLost, 'risked' => (int) $this->rules->get('gear_risked')],
            ),
        );
    }
}
