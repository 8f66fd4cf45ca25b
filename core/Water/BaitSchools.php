<?php

declare(strict_types=1);

namespace Admek\Core\Water;

use Admek\Core\Units\Sentence;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\WaterSigns;

/** Match the bait, or stand out: both are schools of practice, and the water says which is begun with. */
final class BaitSchools
{
    public const MATCH = 'match';

    public const STAND_OUT = 'stand_out';

    /** What matching the bait is begun with: stained water wants it to stand out. */
    public static function usual(WaterSigns $signs): string
    {
        return $signs->clarity === Clarity::Stained ? self::STAND_OUT : self::MATCH;
    }

    /** Both schools, for who chooses; null where nobody has said what bait is there. */
    public static function advice(WaterSigns $signs, ?string $chosen): ?Advice
    {
        $bait = $signs->forage;
        if ($bait === null) {
            return null;
        }
        $school = $chosen ?? self::usual($signs);
        $why = [
            self::MATCH => 'they eat what is there, and know it by shape and shine',
            self::STAND_OUT => 'among so many one that is not like the others is seen first',
        ];

        return new Advice('bait', 'finish', Sentence::of($school === self::MATCH
            ? 'Lures like the bait: {bait}' : 'Lures unlike the bait, which is {bait}', ['bait' => $bait->word()],
        ), Sentence::of(self::usual($signs) === self::MATCH
            ? 'Forage decides: where they see well, match it.'
            : 'In stained water a match is not seen: stand out.'), array_map(
                static fn (string $key, string $label): array => [
                    'key' => $key, 'label' => $label, 'why' => $why[$key], 'chosen' => $key === $school,
                ],
                [self::MATCH, self::STAND_OUT], ['match the bait', 'stand out'],
            ));
    }
}
