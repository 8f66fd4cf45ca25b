<?php

declare(strict_types=1);

namespace Admek\Core\Instruments\Internal;

use Admek\Core\Instruments\Nmea;

/** Lines out of what comes in pieces; of one that does not end no more is held than tells that it is too long. */
final class Lines
{
    private string $rest = '';

    private bool $tooLong = false;

    /** @return list<string> those that ended */
    public function take(string $bytes): array
    {
        $pieces = explode("\n", $bytes);
        $pieces[0] = $this->rest.$pieces[0];
        $this->rest = (string) array_pop($pieces);
        if ($pieces !== [] && $this->tooLong) {
            // Its beginning is not held any more; it is one fault all the same.
            $pieces[0] = str_repeat('.', Nmea::LONGEST);
            $this->tooLong = false;
        }
        if (strlen($this->rest) > Nmea::LONGEST) {
            $this->rest = substr($this->rest, 0, Nmea::LONGEST);
            $this->tooLong = true;
        }

        return $pieces;
    }
}
