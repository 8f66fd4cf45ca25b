<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

use Admek\Core\Rules\Rule;
use Admek\Core\Units\Quantity;

/** How what instruments told is kept (docs/rules.md). */
final class KeepingRules
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rule(
                'packed_after', 'Days until a track is packed', 30, 1, 3650, Quantity::Count,
                'Packed it takes a tenth of the room and no point is left out, but its figures are rounded: places to a '
                .'hundredth of a metre, speeds to a millimetre a second, depths to a millimetre.',
            ),
        ];
    }
}
