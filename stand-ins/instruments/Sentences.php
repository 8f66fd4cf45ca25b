<?php

declare(strict_types=1);

namespace StandIns\Instruments;

use Admek\Core\Instruments\Nmea;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What her instruments say of a moment: near the truth, sometimes nothing, sometimes broken. */
final class Sentences
{
    /** True speed for each her log shows. */
    public const LOG_FACTOR = 1.04;

    /** m of her transducer under the surface, as her sounder tells it. */
    public const TRANSDUCER = 0.6;

    /** ° east. */
    public const VARIATION = -8.5;

    /** s from one time the sounder loses the bottom to the next, and how long it does. */
    public const LOST_EVERY = 300;

    public const LOST_FOR = 9;

    private const KNOT = 1852.0 / 3600.0;

    private readonly Randomizer $chance;

    /** @param  bool  $faulty  whether it is as on the water: gaps, spikes, broken sentences */
    public function __construct(int $seed, private readonly bool $faulty = true)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /**
     * @param  int  $clock  s since 1970 UTC
     * @return list<string> with their ends of line
     */
    public function of(Moment $m, int $clock): array
    {
        $log = max(0.0, $m->speed / self::LOG_FACTOR + $this->near(0.02)) / self::KNOT;
        $ground = max(0.0, $m->ground + $this->near(0.03)) / self::KNOT;
        $course = self::round($m->course + $this->near(0.8));
        $compass = self::round($m->heading - self::VARIATION + $this->near(0.8));
        $place = self::degrees($m->place->latitude, 'N', 'S', 2).','.self::degrees($m->place->longitude, 'E', 'W', 3);
        $time = gmdate('His', $clock);
        $date = gmdate('dmy', $clock);
        $magnetic = self::round($course - self::VARIATION);
        $depth = $m->depth - self::TRANSDUCER + $this->near(0.1);
        $bodies = [
            sprintf('GPRMC,%s.00,A,%s,%.2f,%.1f,%s,%.1f,W,A', $time, $place, $ground, $course, $date, -self::VARIATION),
            sprintf('GPGGA,%s.00,%s,1,09,0.9,180.0,M,-30.0,M,,', $time, $place),
            sprintf('GPVTG,%.1f,T,%.1f,M,%.2f,N,%.2f,K,A', $course, $magnetic, $ground, $ground * 1.852),
            sprintf('HCHDG,%.1f,,,%.1f,W', $compass, -self::VARIATION),
            sprintf('VWVHW,,T,%.1f,M,%.2f,N,%.2f,K', $compass, $log, $log * 1.852),
            sprintf('YXMTW,%.1f,C', 18.6 + $this->near(0.1)),
            sprintf('WIMWV,%.1f,R,%.1f,N,A', self::round(40.0 + $this->near(5.0)), 7.5 + $this->near(0.8)),
        ];
        if (! $this->faulty || $m->at % self::LOST_EVERY < self::LOST_EVERY - self::LOST_FOR) {
            $bodies[] = sprintf('SDDPT,%.2f,%.1f', $depth, self::TRANSDUCER);
            $bodies[] = sprintf('SDDBT,%.1f,f,%.2f,M,%.1f,F', $depth / 0.3048, $depth, $depth / 1.8288);
        }
        $sent = array_map(Nmea::written(...), $bodies);

        return $this->faulty ? $this->spoilt($sent, $m->at) : $sent;
    }

    /**
     * @param  list<string>  $sent
     * @return list<string>
     */
    private function spoilt(array $sent, int $at): array
    {
        if ($at % 23 === 0) {
            $one = $this->chance->getInt(0, count($sent) - 1);
            $sent[$one] = substr_replace($sent[$one], '#', $this->chance->getInt(7, 15), 1);
        }
        if ($at % 61 === 0) {
            $sent[] = Nmea::written('SDDPT,0.00,0.6');
        }
        if ($at % 10 === 0) {
            $sent[] = Nmea::written('GPGSV,3,1,11,03,03,111,00,04,15,270,00');
            $sent[] = "gateway 2: bus idle\r\n";
        }

        return array_values($sent);
    }

    /** Noise of so much, as the sum of many small ones. */
    private function near(float $much): float
    {
        $sum = 0;
        for ($i = 0; $i < 6; $i++) {
            $sum += $this->chance->getInt(-1000, 1000);
        }

        // Six of them have a standard deviation of √6 / √3.
        return $much * $sum / 1000 / M_SQRT2;
    }

    private static function round(float $degrees): float
    {
        return fmod(round(fmod($degrees + 720.0, 360.0), 1), 360.0);
    }

    private static function degrees(float $degrees, string $plus, string $minus, int $digits): string
    {
        $minutes = round(abs($degrees) * 60.0, 5);
        $whole = (int) ($minutes / 60.0);

        return sprintf('%0'.$digits.'d%08.5f,%s', $whole, $minutes - 60.0 * $whole, $degrees < 0 ? $minus : $plus);
    }
}
