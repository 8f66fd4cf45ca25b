<?php

declare(strict_types=1);

namespace Admek\Core\Tackle\Catalogue;

use Admek\Core\Tackle\Rigs\Bouncer;
use Admek\Core\Tackle\Rigs\ClipWeight;
use Admek\Core\Tackle\Rigs\Diver;
use Admek\Core\Tackle\Rigs\Downrigger;
use Admek\Core\Tackle\Rigs\Dropper;
use Admek\Core\Tackle\Rigs\FlatLine;
use Admek\Core\Tackle\Rigs\FlatRun;
use Admek\Core\Tackle\Rigs\Leadcore;
use Admek\Core\Tackle\Rigs\SegmentedCore;
use Admek\Core\Tackle\Rigs\ThreeWay;
use Admek\Core\Tackle\Rigs\Wire;

/** Ways to present a lure, in the order they are offered. */
enum Presentation: string
{
    case Rigger = 'rigger';
    case Stacker = 'stacker';
    case Diver = 'diver';
    case Flat = 'flat';
    case Core = 'core';
    case Segment = 'segment';
    case Wire = 'wire';
    case Clip = 'clip';
    case ThreeWay = 'three_way';
    case Bouncer = 'bouncer';
    case Dropper = 'dropper';
    case Wash = 'wash';
    case DownRod = 'down_rod';

    /** What is known of it, from the rig that runs it. */
    public function entry(): Entry
    {
        /** @var array<string, Entry> $known */
        static $known = [];

        return $known[$this->value] ??= match ($this) {
            self::Rigger => Downrigger::atTheBall(),
            self::Stacker => Downrigger::stackedAbove(),
            self::Diver => Diver::entry(),
            self::Flat => FlatLine::entry(FlatRun::Flat),
            self::Core => Leadcore::entry(),
            self::Segment => SegmentedCore::entry(),
            self::Wire => Wire::entry(),
            self::Clip => ClipWeight::entry(),
            self::ThreeWay => ThreeWay::entry(),
            self::Bouncer => Bouncer::entry(),
            self::Dropper => Dropper::entry(),
            self::Wash => FlatLine::entry(FlatRun::Wash),
            self::DownRod => FlatLine::entry(FlatRun::DownRod),
        };
    }
}
