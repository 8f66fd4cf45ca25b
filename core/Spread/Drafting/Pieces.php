<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Drafting;

use Admek\Core\Tackle\Described\BoardUse;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Described\GearAboard;

/** The pieces lines hang on, held against how many of each are aboard: none is on more rods than there are of it. */
final readonly class Pieces
{
    /** @param  array<string, int>  $aboard  by piece; what nobody has counted is not among them */
    private function __construct(private array $aboard)
    {
    }

    public static function of(GearAboard $gear): self
    {
        $aboard = [];
        foreach ([
            'reel' => $gear->reels, 'ball' => $gear->balls, 'diver' => $gear->divers, 'board' => $gear->boards,
            'lure' => $gear->lures,
        ] as $kind => $pieces) {
            foreach ($pieces as $piece) {
                if ($piece->count !== null) {
                    $aboard["{$kind} {$piece->name}"] = $piece->count;
                }
            }
        }

        return new self($aboard);
    }

    /**
     * How often each piece is in use.
     *
     * @param  array<array-key, list<string>>  $under  of each line, {@see under()}
     * @return array<string, int>
     */
    public static function used(array $under): array
    {
        return array_count_values(array_merge([], ...array_values($under)));
    }

    /**
     * Whether what a line hangs on is aboard beside what is in use.
     *
     * @param  list<string>  $under  the line, {@see under()}
     * @param  array<string, int>  $used
     */
    public function allow(array $under, array $used): bool
    {
        foreach ($under as $piece) {
            if (($used[$piece] ?? 0) >= ($this->aboard[$piece] ?? INF)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether there is another of a lure.
     *
     * @param  int  $uses  rods that pull it
     */
    public function haveLure(string $name, int $uses): bool
    {
        return $uses < ($this->aboard["lure {$name}"] ?? INF);
    }

    /** @return list<string> pieces a line hangs on, but for its lure */
    public static function under(DescribedLine $line): array
    {
        return array_values(array_filter([
            "reel {$line->reel->name}", $line->ball === null ? null : "ball {$line->ball->name}",
            $line->diver === null ? null : "diver {$line->diver->name}",
            // A mast board tows as many lines as are clipped to it.
            BoardUse::of($line->board) !== BoardUse::Inline ? null : 'board '.($line->board->name ?? ''),
        ]));
    }
}
