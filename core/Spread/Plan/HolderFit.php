<?php

declare(strict_types=1);

namespace Admek\Core\Spread\Plan;

/** Finds the holders of this boat for lines that were planned for others: the same code first, else the same side and kind in order. */
final class HolderFit
{
    /**
     * @param  list<array{code: string, side: string, kind: string}>  $planned  in the order of the rail
     * @param  list<array{code: string, side: string, kind: string}>  $aboard  in the order of the rail
     * @return array<array-key, ?string> code aboard by code planned; null where there is none left
     */
    public static function of(array $planned, array $aboard): array
    {
        $fit = [];
        $free = array_column($aboard, null, 'code');
        foreach ($planned as $holder) {
            $same = $free[$holder['code']] ?? null;
            if ($same !== null && $same['kind'] === $holder['kind']) {
                $fit[$holder['code']] = $holder['code'];
                unset($free[$holder['code']]);
            }
        }
        foreach ($planned as $holder) {
            if (isset($fit[$holder['code']])) {
                continue;
            }
            $fit[$holder['code']] = null;
            foreach ($free as $code => $candidate) {
                if ($candidate['side'] === $holder['side'] && $candidate['kind'] === $holder['kind']) {
                    $fit[$holder['code']] = (string) $code;
                    unset($free[$code]);
                    break;
                }
            }
        }

        return $fit;
    }
}
