<?php

declare(strict_types=1);

namespace Admek\Core\Drills;

use Admek\Core\Drills\Situations\OnBottom;
use Admek\Core\Drills\Situations\Setting;
use Admek\Core\Drills\Situations\Speeds;
use Admek\Core\Drills\Situations\Turns;
use Admek\Core\Drills\Situations\Waters;

/** What is drilled. */
enum DrillKind: string
{
    case FirstToClear = 'first_to_clear';
    case KeepWay = 'keep_way';
    case SlackBoard = 'slack_board';
    case WhichSide = 'which_side';
    case HowFast = 'how_fast';
    case InsideBites = 'inside_bites';
    case Gust = 'gust';
    case SpedUp = 'sped_up';
    case CurrentTurns = 'current_turns';
    case Ticks = 'ticks';
    case Reach = 'reach';
    case FirstOut = 'first_out';
    case ReadWater = 'read_water';
    case AimAtMarks = 'aim_at_marks';
    case FrontComes = 'front_comes';
    case GoesBack = 'goes_back';

    public function title(): string
    {
        return match ($this) {
            self::FirstToClear => 'Fish on, bottom coming up',
            self::KeepWay => 'Slow for the fish?',
            self::SlackBoard => 'A board goes slack',
            self::WhichSide => 'Which way round',
            self::HowFast => 'How hard over',
            self::InsideBites => 'Bites in turns',
            self::Gust => 'A gust takes her way',
            self::SpedUp => 'A touch more throttle',
            self::CurrentTurns => 'The current has turned',
            self::Ticks => 'Tick, do not drag',
            self::Reach => 'Into the band',
            self::FirstOut => 'Lines in',
            self::ReadWater => 'Read the water',
            self::AimAtMarks => 'Marks on the screen',
            self::FrontComes => 'A front at noon',
            self::GoesBack => 'Does it go back?',
        };
    }

    /** The same seed makes the same situation. */
    public function of(int $seed): Drill
    {
        $chance = new Chance($seed);

        return match ($this) {
            self::FirstToClear => OnBottom::firstToClear($seed, $chance),
            self::KeepWay => OnBottom::keepWay($seed, $chance),
            self::Ticks => OnBottom::ticks($seed, $chance),
            self::SlackBoard => Turns::slackBoard($seed, $chance),
            self::WhichSide => Turns::whichSide($seed, $chance),
            self::HowFast => Turns::howFast($seed, $chance),
            self::InsideBites => Turns::insideBites($seed, $chance),
            self::Gust => Speeds::gust($seed, $chance),
            self::SpedUp => Speeds::spedUp($seed, $chance),
            self::CurrentTurns => Speeds::currentTurns($seed, $chance),
            self::Reach => Setting::reach($seed, $chance),
            self::FirstOut => Setting::firstOut($seed, $chance),
            self::ReadWater => Waters::readWater($seed, $chance),
            self::AimAtMarks => Waters::aimAtMarks($seed, $chance),
            self::FrontComes => Waters::frontComes($seed, $chance),
            self::GoesBack => Waters::goesBack($seed, $chance),
        };
    }
}
