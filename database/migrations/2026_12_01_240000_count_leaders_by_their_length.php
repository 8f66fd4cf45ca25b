<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Leaders aboard are counted by their length in metres, whatever units the captain reads: "leader 1.83 fluorocarbon 25". */
return new class extends Migration
{
    private const FEET = 0.3048;

    public function up(): void
    {
        foreach (DB::table('boats')->whereNotNull('stores')->get(['id', 'stores']) as $boat) {
            $stores = [];
            foreach ((array) json_decode((string) $boat->stores, true) as $item => $amount) {
                $found = preg_match('/^leader ([\d.]+) (ft|m) (\w+) ([\d.]+) lb$/', (string) $item, $of) === 1;
                $stores[$found ? sprintf(
                    'leader %.2f %s %s', (float) $of[1] * ($of[2] === 'ft' ? self::FEET : 1.0), $of[3], $of[4],
                ) : $item] = $amount;
            }
            DB::table('boats')->where('id', $boat->id)->update(['stores' => json_encode($stores, JSON_PRESERVE_ZERO_FRACTION)]);
        }
    }
};
