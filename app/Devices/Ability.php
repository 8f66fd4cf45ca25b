<?php

declare(strict_types=1);

namespace App\Devices;

/** What a device may be let do. */
enum Ability: string
{
    /** Looks on: the boat and her gear, trips, deck cards, bites. */
    case Look = 'look';
    /** Sees where the ground is: its name, places, charts and structure. */
    case Places = 'places';
    /** Every trip of the season, not only the one under way. */
    case Season = 'season';
    /** Hangs, sets and measures lines. */
    case Lines = 'lines';
    /** Logs bites. */
    case Log = 'log';
    /** Ticks chores, adds some, counts what is aboard. */
    case Chores = 'chores';
    /** Everything that is the captain's to decide: the boat, trips, water, ground, gear. */
    case Plan = 'plan';
    /** Lets other devices in, and puts them out. */
    case Devices = 'devices';
}
