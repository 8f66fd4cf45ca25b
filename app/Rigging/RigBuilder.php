<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\LineBuilder;
use Admek\Core\Spread\Plan\PlannedLine;
use App\Models\Boat;
use App\Models\Spread;
use App\Models\SpreadLine;

/** Turns a spread's lines, as stored or sent, into the core's planned lines. */
final readonly class RigBuilder
{
    private Locker $locker;

    public function __construct(private Boat $boat, ?Locker $locker = null)
    {
        $this->locker = $locker ?? Locker::of($boat);
    }

    /**
     * The lines of a spread as it is kept.
     *
     * @return list<PlannedLine>
     *
     * @throws InvalidValue
     */
    public static function kept(Spread $spread, Boat $boat): array
    {
        return (new self($boat))->all(self::rows($spread));
    }

    /** @return list<array<string, mixed>> */
    public static function rows(Spread $spread): array
    {
        return array_values($spread->lines->map(static fn (SpreadLine $line): array => $line->only(SpreadLine::ALL))->all());
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @return list<PlannedLine>
     *
     * @throws InvalidValue whose field is lines.{index}.{field}
     */
    public function all(array $lines): array
    {
        try {
            return LineBuilder::all($this->described($lines), $this->boat->mast());
        } catch (InvalidValue $invalid) {
            // The core asks for a part; here it is chosen by the id of its record.
            throw $invalid->named(preg_replace('/\.(ball|diver|board|reel|lure|holder)$/', '.$1_id', $invalid->field) ?? $invalid->field);
        }
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @return list<array<string, mixed>>
     *
     * @throws InvalidValue whose field is lines.{index}.{field}
     */
    public function described(array $lines): array
    {
        $described = [];
        foreach ($lines as $i => $line) {
            try {
                $described[] = $this->locker->described($line);
            } catch (InvalidValue $invalid) {
                throw $invalid->within("lines.{$i}");
            }
        }

        return $described;
    }
}
