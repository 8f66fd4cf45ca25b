<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Check;

use Admek\Core\Tackle\Described\DescribedLine;

/** Lines with more out than their reels hold. */
final class Spooled
{
    /**
     * @param  list<DescribedLine>  $lines
     * @return list<Breach>
     */
    public static function among(array $lines): array
    {
        $breaches = [];
        foreach ($lines as $line) {
            $holds = $line->reel->lineLength;
            if ($holds !== null && $line->offReel() > $holds) {
                $breaches[] = new Breach(BreachKind::Spooled, [$line->holder->code], $line->offReel(), $holds);
            }
        }

        return $breaches;
    }
}
