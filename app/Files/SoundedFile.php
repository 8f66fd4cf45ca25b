<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Files\LineFile;
use Admek\Core\InvalidValue;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\SpreadPlan;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Rigs\Rig;
use Admek\Core\TrueUp\Owners;
use Admek\Core\TrueUp\Sounded;

/** A spread file with the soundings in it (docs/true-up.md). */
final readonly class SoundedFile
{
    /**
     * @param  list<Sounded>  $soundings
     * @param  list<array<string, string>>  $owners  of each line's figures
     */
    private function __construct(
        public SpreadPlan $plan, public Conditions $conditions, public array $owners, public array $soundings,
    ) {
    }

    /** @throws InvalidValue naming the place in the file */
    public static function read(string $text): self
    {
        $file = SpreadFile::read($text);
        $density = $file['density'] ?? Rig::FRESH_WATER;
        $plan = SpreadPlan::of($file['lines'], $file['mast']);
        $soundings = [];
        foreach ($file['soundings'] as $i => $one) {
            try {
                $soundings[] = self::sounded($one, (string) ($one['id'] ?? $i + 1), $file['lines'], $file['mast'], $density);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("soundings.{$i}");
            }
        }

        return new self(
            $plan, new Conditions($file['speed'], density: $density),
            array_map(
                static fn (int $i): array => Owners::of($plan->described[$i], $plan->lines[$i]->rig, $file['trip']),
                array_keys($plan->lines),
            ),
            $soundings,
        );
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  list<DescribedLine>  $lines
     * @param  array{float, float, float}  $mast
     */
    private static function sounded(array $one, string $id, array $lines, array $mast, float $density): Sounded
    {
        $line = isset($one['line']) ? LineFile::read($one['line']) : self::named($lines, (string) $one['holder']);
        $set = array_map(floatval(...), $one['set'] ?? []);
        $line = $set === [] ? $line : $line->with($set);
        // Beside the others it hangs on what they bring; alone where it is of another day.
        $beside = [$line];
        foreach ($lines as $other) {
            if ($other->holder->code !== $line->holder->code && ! isset($one['line'])) {
                $beside[] = $other;
            }
        }
        $planned = SpreadPlan::of($beside, $mast)->lines[0];

        return new Sounded(
            $id, $planned, new Conditions((float) $one['speed'], density: $density),
            Owners::of($line, $planned->rig, (string) $one['trip']), (float) $one['depth'],
            (float) ($one['deviation'] ?? SoundingMethod::from((string) $one['by'])->deviation()), $one['confirmed'] ?? false,
        );
    }

    /** @param  list<DescribedLine>  $lines */
    private static function named(array $lines, string $holder): DescribedLine
    {
        foreach ($lines as $line) {
            if ($line->holder->code === $holder) {
                return $line;
            }
        }
        throw InvalidValue::because('holder', 'one of a line in this file');
    }
}
