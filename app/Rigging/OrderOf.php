<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\InvalidValue;
use Admek\Core\Spread\Plan\SettingSchool;
use App\Models\Spread;

/** A setting order as it is stored or sent, its holders by their codes. */
final readonly class OrderOf
{
    /** @param  list<string>  $holders */
    private function __construct(public SettingSchool $school, public array $holders)
    {
    }

    public static function kept(Spread $spread, Locker $locker): self
    {
        return self::chosen(SettingSchool::from($spread->school), $spread->setting_order, $locker);
    }

    /** @throws InvalidValue when a holder is not of this boat */
    public static function chosen(?SettingSchool $school, mixed $holderIds, Locker $locker): self
    {
        $codes = [];
        foreach (is_array($holderIds) ? array_values($holderIds) : [] as $i => $id) {
            try {
                $codes[] = $locker->holder($id)->code;
            } catch (InvalidValue) {
                throw InvalidValue::because("setting_order.{$i}", 'the id of a holder of this boat');
            }
        }

        return new self($school ?? SettingSchool::BoardsFirst, $codes);
    }
}
