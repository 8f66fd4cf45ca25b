<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * What happened is told by events, which are never changed; bites follow from them. Bites there are become two events each: the
 * bite, and what came of it.
 */
return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            'create table events (id integer primary key autoincrement not null, uuid varchar not null, '
                .'trip_id integer not null, kind varchar not null, at float not null, told_at float not null, '
                .'received_at datetime not null, '
                .'who varchar not null, holder varchar, "of" varchar, spread_id integer, tells text not null, '
                .'foreign key(trip_id) references trips(id) on delete restrict, '
                .'foreign key(spread_id) references spreads(id) on delete set null)',
            'create unique index events_uuid_unique on events (uuid)',
            'create index events_trip_id_at_index on events (trip_id, at)',
        ] as $change) {
            DB::statement($change);
        }
        foreach (DB::table('bites')->orderBy('id')->cursor() as $bite) {
            $at = (float) strtotime("{$bite->bitten_at} UTC");
            $told = [
                'trip_id' => $bite->trip_id, 'spread_id' => $bite->spread_id, 'at' => $at, 'told_at' => $at,
                'received_at' => $bite->created_at ?? $bite->bitten_at, 'who' => '',
            ];
            $fish = ['species' => $bite->species, 'length' => $bite->length, 'weight' => $bite->weight, 'note' => $bite->note];
            DB::table('events')->insert([
                $told + [
                    'uuid' => $bite->uuid, 'kind' => 'bite', 'holder' => $bite->holder, 'of' => null, 'tells' => $bite->snapshot,
                ],
                $told + [
                    'uuid' => Uuid::uuid5($bite->uuid, 'outcome')->toString(), 'kind' => $bite->outcome, 'holder' => null,
                    'of' => $bite->uuid,
                    'tells' => json_encode($fish, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE),
                ],
            ]);
        }
    }
};
