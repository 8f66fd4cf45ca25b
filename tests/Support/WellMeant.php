<?php

declare(strict_types=1);

namespace Tests\Support;

/** Bodies the demo world takes, by method and path of the contract: what requests nobody means well by are spoilt from. */
final class WellMeant
{
    /**
     * @param  array<string, mixed>  $spread  as GET /spreads/{spread} answers
     * @param  array<string, mixed>  $trip  as GET /trips/new answers
     * @return array<string, mixed>
     */
    public static function bodies(array $spread, array $trip): array
    {
        $plan = array_intersect_key($spread, array_flip(['speed', 'lines', 'school', 'setting_order']));
        $holder = $spread['lines'][0]['holder_id'];
        $asked = ['speed' => $spread['speed'], 'lines' => $spread['lines']];
        $trip = ['ground' => 'Dunmarl Bank', 'species' => ['king'], 'date' => '2031-05-06'] + $trip;
        $holders = array_map(
            static fn (array $holder): array => array_diff_key($holder, ['place' => true]), $spread['boat']['holders'],
        );
        $boat = [
            'version' => 1, 'name' => 'Second Lamp', 'units' => 'us', 'lines_per_angler' => 3, 'crew' => 2, 'log_factor' => 1.0,
            'holders' => $holders,
        ] + $spread['boat'];
        $hull = array_intersect_key($boat, ['length' => true, 'beam' => true, 'holders' => true]);
        $reading = [['depth' => 0.0, 'celsius' => 18.0], ['depth' => 20.0, 'celsius' => 8.0]];
        $pass = ['places' => [[45.31, -38.4], [45.32, -38.39], [45.33, -38.41]], 'speed' => 1.0];

        return [
            'POST /trips' => $trip, 'PUT /trips/{trip}' => ['date' => '2031-05-07'] + $trip,
            'POST /locker/{list}' => ['name' => 'Borrowed', 'kind' => 'medium_spoon', 'finish' => 'copper'],
            'PUT /locker/{list}/{id}' => ['name' => 'Borrowed too', 'kind' => 'medium_spoon', 'finish' => 'copper'],
            'PUT /boat' => $boat, 'POST /boat/change' => $boat, 'POST /boat/rail' => ['mirror' => 'port'] + $hull,
            'POST /boat/file' => self::file($boat), 'PUT /boat/file' => self::file($boat),
            'PUT /boat/crafts/{rig}' => ['parts' => ['drag' => 'Hand-tight.', 'taken' => null]],
            'POST /boat/counter' => ['pulled' => 30.0, 'read' => 31.0],
            'PUT /locker/reels/{id}/counter' => ['pulled' => 30.0, 'read' => 31.0],
            'POST /locker/{list}/table' => ['text' => "name,finish\nBorrowed,copper\n"],
            'PUT /locker/{list}/table' => ['text' => "name,finish\nBorrowed,copper\n"],
            'PUT /boat/clock' => ['timezone' => 'UTC'],
            'PUT /boat/books/{book}' => ['own' => ['wind' => 12], 'back' => ['wave']],
            'POST /trips/{trip}/chores' => ['what' => 'Bread', 'at' => -240, 'minutes' => 5, 'owner' => 'mate'],
            'PUT /trips/{trip}/stores' => ['aboard' => ['ice' => 4]],
            'PUT /trips/{trip}/forecast' => ['source' => 'typed', 'issued' => null, 'hours' => [[
                'at' => 360, 'wind' => 4.0, 'gust' => 6.0, 'from' => 220, 'wave' => 0.4, 'visibility' => 9000,
                'lightning' => false, 'front' => null,
            ]]],
            'POST /trips/{trip}/forecast/file' => ['text' => "time,wind mph,gust\n06:00,8,11\n07:00,9,12\n"],
            'PUT /trips/{trip}/water/temperatures' => ['source' => 'probe', 'readings' => $reading],
            'POST /trips/{trip}/water/temperatures' => ['text' => "0 65\n20 62\n50 48\n"],
            'POST /trips/{trip}/water/marks' => ['depth' => 12.0, 'count' => 3, 'tight' => false, 'size' => 'medium'],
            'PUT /trips/{trip}/water/signs' => ['clarity' => 'clear', 'current_surface' => 0.2],
            'PUT /trips/{trip}/water/choices' => [
                'band' => ['species' => 'king', 'top' => 12.0, 'bottom' => 20.0, 'weight' => 2],
            ],
            'POST /structures' => ['name' => 'Hump', 'kind' => 'hump', 'places' => [[45.3, -38.4]]],
            'POST /trips/{trip}/pass' => $pass, 'PUT /trips/{trip}/pass' => ['name' => 'east'] + $pass,
            'POST /trips/{trip}/events' => ['sent_at' => '2026-11-27T09:00:00.000Z', 'events' => [
                [
                    'uuid' => '018f0000-0000-7000-8000-0000000000a1', 'kind' => 'out', 'at' => '2026-11-27T09:00:00.000Z',
                    'holder_id' => $holder, 'line' => $spread['lines'][0],
                ],
                [
                    'uuid' => '018f0000-0000-7000-8000-0000000000a2', 'kind' => 'bite', 'at' => '2026-11-27T09:20:00Z',
                    'holder_id' => $holder, 'spread_id' => $spread['id'],
                ] + $asked,
                [
                    'uuid' => '018f0000-0000-7000-8000-0000000000a3', 'kind' => 'landed', 'at' => '2026-11-27T09:25:00Z',
                    'of' => '018f0000-0000-7000-8000-0000000000a2', 'species' => 'king', 'length' => 0.8,
                ],
            ]],
            'PUT /spreads/{spread}' => ['version' => $spread['version']] + $plan,
            'POST /spreads/{spread}/preview' => [
                'what_if' => ['speed' => 1.2, 'turn' => ['radius' => 80, 'side' => 'port']],
            ] + $asked,
            'POST /spreads/{spread}/reach' => ['depth' => 15.0, 'holder_ids' => [$holder]] + $asked,
            'POST /spreads/{spread}/rig' => ['holder_id' => $holder, 'presentation' => 'flat', 'board' => 'none'] + $asked,
            'POST /spreads/{spread}/cures' => $asked,
            'POST /spreads/{spread}/rod' => ['holder_id' => $holder] + $asked,
            'POST /spreads/{spread}/safe-limits' => ['lines' => array_slice($spread['lines'], 0, 1)] + $asked,
            'POST /spreads/{spread}/setting' => ['lines' => array_slice($spread['lines'], 0, 2)] + $plan,
            'POST /spreads/{spread}/soundings' => [
                'holder_id' => $holder, 'depth' => 9.0, 'method' => 'sonar', 'taken_at' => '2026-11-27T09:00:00Z',
            ] + $asked,
            'POST /spreads/{spread}/next-sounding' => $asked,
            'PATCH /soundings/{sounding}' => ['confirmed' => true],
            'PUT /soundings/figure' => ['figure' => 'line_drag', 'owner' => 'reel Braid', 'aside' => true],
            'PUT /trips/{trip}/bands' => ['bands' => [['species' => 'king', 'top' => 10.0, 'bottom' => 20.0, 'weight' => 1]]],
            'PUT /trips/{trip}/bottom' => [
                'bottom' => 40.0, 'clearance' => 1.0, 'structure' => 0.5, 'profile' => "0 30\n500 20\n",
            ],
            'POST /templates' => ['name' => 'Kept', 'species' => 'king', 'season' => 'spring'] + $plan,
        ];
    }

    /**
     * @param  array<string, mixed>  $boat
     * @return array<string, mixed>
     */
    private static function file(array $boat): array
    {
        return ['admek' => 'boat', 'version' => 1, 'boat' => array_diff_key($boat, ['version' => true]), 'locker' => [
            'balls' => [['name' => 'Borrowed ball', 'mass' => 5.0]],
        ]];
    }
}
