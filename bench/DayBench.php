<?php

declare(strict_types=1);

namespace Bench;

use Admek\Core\Day\Day;
use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Instruments\Nmea;

/** Days told by events, and sentences read. */
final class DayBench
{
    private const RODS = ['P1', 'P2', 'P3', 'P4', 'P5', 'C1', 'C2', 'S5', 'S4', 'S3', 'S2', 'S1'];

    private const SENTENCES = [
        'VWVHW,312.0,T,300.5,M,4.5,N,8.3,K', 'GPVTG,45.5,T,,M,2.0,N,3.7,K,A', 'SDDPT,35.5,0.8,100', 'YXMTW,12.4,C',
        'GPRMC,101530.00,A,4518.600,N,03824.120,W,2.3,181.5,010631,3.5,W,A', 'HCHDG,359.0,2.5,E,12.0,W',
    ];

    /** ms until states, line-hours and fish of so many events are known, that come in any order. */
    public static function milliseconds(int $events): float
    {
        $told = self::events($events);
        $times = [];
        for ($round = 0; $round < 5; $round++) {
            $start = hrtime(true);
            $day = Day::of($told);
            $day->lineHours(1e12);
            $day->fish();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return $times[2];
    }

    /** Sentences read in a second. */
    public static function sentences(): float
    {
        $lines = array_map(Nmea::written(...), self::SENTENCES);
        $start = hrtime(true);
        for ($i = 0; $i < 60_000; $i++) {
            Nmea::read($lines[$i % count($lines)]);
        }

        return 60_000 / ((hrtime(true) - $start) / 1e9);
    }

    /** @return list<Event> */
    private static function events(int $count): array
    {
        mt_srand(20_261_127);
        $events = $bites = [];
        $at = 0.0;
        for ($i = 0; $i < $count; $i++) {
            $at += mt_rand(5, 60);
            $rod = self::RODS[mt_rand(0, count(self::RODS) - 1)];
            $id = sprintf('%08d', $i);
            $kind = [
                EventKind::Out, EventKind::Out, EventKind::Out, EventKind::Checked, EventKind::Checked, EventKind::In,
                EventKind::Bite, EventKind::Landed, EventKind::Note,
            ][mt_rand(0, 8)];
            $of = $kind === EventKind::Landed ? array_pop($bites) : null;
            $kind = $kind === EventKind::Landed && $of === null ? EventKind::Note : $kind;
            $events[] = new Event($id, $kind, $at, $kind->isOfLine() ? $rod : null, $of, ['species' => 'king']);
            if ($kind === EventKind::Bite) {
                $bites[] = $id;
            }
        }
        shuffle($events);

        return $events;
    }
}
