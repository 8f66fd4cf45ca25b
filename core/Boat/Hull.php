<?php

declare(strict_types=1);

namespace Admek\Core\Boat;

use Admek\Core\InvalidValue;
use Admek\Core\Units\Units;

/** A boat seen from above, her mast, and how her log reads. In the towing frame: aft of the transom, to starboard, metres. */
final readonly class Hull
{
    /** m that a boat is long and wide. */
    public const LENGTH = [2, 40];

    public const BEAM = [0.5, 12];

    /** m that a rod tip stands aft, aside and above the water. */
    public const AFT = [-40, 10];

    public const ASIDE = [-10, 10];

    public const HEIGHT = [0, 10];

    /** m above the water where a mast board's tow line leaves. */
    public const MAST = [0.5, 15];

    /** True speed through the water for each that the log shows. */
    public const LOG_FACTOR = [0.5, 2];

    public const MOST_CREW = 6;

    public const LINES_AN_ANGLER = [1, 10];

    /** Holders a boat has at most, and so lines a spread is planned, sent and filed with. */
    public const MOST_HOLDERS = 32;

    /** Where a holder stands that is of no side. */
    public const AMIDSHIPS = 'centre';

    /** Where a holder stands. */
    public const SIDES = ['port', self::AMIDSHIPS, 'starboard'];

    /** Most letters a holder's code has. */
    public const CODE = 4;

    /** How far ahead of the bow or aft a tip may stand as a share of her length, before it is asked about. */
    private const BEYOND = 0.5;

    /** m a holder is moved by at a time: a quarter of a foot, or five centimetres. */
    public static function step(Units $units): float
    {
        return $units === Units::Us ? 0.25 * Units::FOOT : 0.05;
    }

    /** @throws InvalidValue naming the field */
    public function __construct(public float $length, public float $beam)
    {
        InvalidValue::unlessBetween('length', $length, ...self::LENGTH, unit: 'm');
        InvalidValue::unlessBetween('beam', $beam, ...self::BEAM, unit: 'm');
    }

    /** Whether a tip stands where no rod of hers can hold it: a figure mistyped, not a rod. */
    public function isFarFrom(float $aft, float $starboard): bool
    {
        $reach = self::BEYOND * $this->length;

        return $aft < -$this->length - $reach || $aft > $reach || abs($starboard) > $this->beam / 2 + $reach;
    }
}
