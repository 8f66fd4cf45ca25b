<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\Tackle\Described\DescribedHolder;
use App\Models\Boat;
use App\Models\Holder;
use Closure;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A boat's gear and holders as their tables tell them. */
final class StowedRows
{
    /**
     * Read as plain rows: a preview at every step of a control cannot wait for models.
     *
     * @template T
     *
     * @param  Closure(stdClass): T  $read
     * @return array<int, T> by id
     */
    public static function of(Boat $boat, string $table, string $order, Closure $read): array
    {
        $described = [];
        foreach (DB::table($table)->where('boat_id', $boat->id)->orderBy($order)->get() as $row) {
            $described[(int) $row->id] = $read($row);
        }

        return $described;
    }

    /** @return list<int> ids of what lies retired in a list */
    public static function retired(Boat $boat, string $table): array
    {
        return array_values(DB::table($table)->where('boat_id', $boat->id)->where('retired', true)->pluck('id')->all());
    }

    /**
     * @param  bool  $ever  every one she ever had, those of now first; else as she is laid out
     * @return array<int, DescribedHolder> by id
     */
    public static function holders(Boat $boat, bool $ever = false): array
    {
        $rows = DB::table(Holder::TABLE)->where('boat_id', $boat->id);
        $ever ? $rows->orderBy('layout_id') : $rows->where('layout_id', $boat->layoutId());
        $described = [];
        foreach ($rows->orderBy(Holder::ORDER)->get() as $row) {
            $described[(int) $row->id] = Holder::ofRow($row);
        }

        return $described;
    }
}
