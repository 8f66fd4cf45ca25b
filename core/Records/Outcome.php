<?php

declare(strict_types=1);

namespace Admek\Core\Records;

/** What came of a bite. */
enum Outcome: string
{
    case Hooked = 'hooked';
    case Landed = 'landed';
    case Lost = 'lost';
    case Missed = 'missed';
}
