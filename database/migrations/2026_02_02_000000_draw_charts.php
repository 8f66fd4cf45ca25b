<?php

declare(strict_types=1);

use Admek\Core\Units\Units;
use App\Models\Chart;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Charts from before contours were kept are drawn once, not with every look. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (Chart::query()->whereNull('drawn')->get() as $chart) {
            $units = Units::from((string) DB::table('boats')->where('id', $chart->getAttribute('boat_id'))->value('units'));
            $chart->update(['drawn' => Chart::drawn($chart->bottom(), $units)]);
        }
    }
};
