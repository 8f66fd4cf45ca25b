<?php

declare(strict_types=1);

namespace App\Instruments\Hub;

use Admek\Core\Instruments\Corrections;
use Admek\Core\Instruments\EvenClock;
use Admek\Core\Instruments\Hearing;
use Admek\Core\Instruments\Motion;
use Admek\Core\Instruments\Source;
use Admek\Core\Instruments\SourceKind;
use Admek\Core\Instruments\TrackPoint;
use App\Database\DataStand;
use App\Instruments\LiveFile;
use App\Instruments\Track;
use App\Models\Boat;
use React\EventLoop\LoopInterface;
use React\EventLoop\TimerInterface;
use Throwable;

/** Listens to what the captain named, makes known what is heard last, and keeps the track. */
final class Hub
{
    /** s from one look at what the captain has her listen to, and at the lines, to the next. */
    private const TEND = 2.0;

    /** s in which sentences that are sent together are waited for. */
    private const TOGETHER = 0.05;

    /** s after which what is known is told again though nothing was heard. */
    private const PULSE = 1.0;

    private readonly EvenClock $clock;

    private Hearing $hearing;

    private Corrections $corrections;

    /** @var list<Source> */
    private array $sources = [];

    /** @var array<string, Line> by the name of its source */
    private array $lines = [];

    private ?TimerInterface $telling = null;

    private ?TrackPoint $kept = null;

    public function __construct(
        private readonly LoopInterface $loop, private readonly LiveFile $file, private readonly Track $track,
        private readonly HeldPoints $held, private readonly DataStand $stand,
    ) {
        $this->clock = new EvenClock;
        $this->hearing = new Hearing;
        $this->corrections = new Corrections;
    }

    /** Until it is told to stop. */
    public function run(): void
    {
        $this->track->hold($this->held->read());
        $this->tend();
        $this->tell();
        $this->loop->addPeriodicTimer(self::TEND, $this->tend(...));
        $this->loop->addPeriodicTimer(self::PULSE, function (): void {
            if ($this->telling === null) {
                $this->tell();
            }
        });
        foreach ([SIGTERM, SIGINT] as $signal) {
            $this->loop->addSignal($signal, $this->loop->stop(...));
        }
        $this->loop->run();
        array_map(static fn (Line $line) => $line->close(), $this->lines);
    }

    private function tend(): void
    {
        try {
            $boat = Boat::query()->first();
        } catch (Throwable) {
            // Data that cannot be read just now is no reason to stop listening.
            return;
        }
        $this->corrections = $boat?->corrections() ?? new Corrections;
        $sources = $boat?->sources() ?? [];
        if ($sources != $this->sources) {
            array_map(static fn (Line $line) => $line->close(), $this->lines);
            $this->sources = $sources;
            $this->hearing = new Hearing(array_column($sources, 'name'));
            $this->lines = [];
            foreach ($sources as $source) {
                $this->lines[$source->name] = $this->line($source);
            }
        }
        array_map(static fn (Line $line) => $line->tend(), $this->lines);
    }

    private function line(Source $source): Line
    {
        $heard = function (string $bytes) use ($source): void {
            if ($this->hearing->take($source->name, $bytes, $this->now()) !== []) {
                $this->telling ??= $this->loop->addTimer(self::TOGETHER, fn () => $this->tell(news: true));
            }
        };

        return match ($source->kind) {
            SourceKind::Tcp => new TcpLine($this->loop, $source->address, $heard),
            SourceKind::Udp => new UdpLine($this->loop, $source->address, $heard),
            SourceKind::File => new FileLine($this->loop, $source->address, $heard),
        };
    }

    private function now(): float
    {
        return $this->clock->at(hrtime(true) / 1e9, microtime(true));
    }

    private function tell(bool $news = false): void
    {
        $this->telling = null;
        $now = $this->now();
        $known = $this->hearing->at($now);
        $turn = $this->hearing->turn();
        $silence = $this->hearing->silence($now);
        $this->file->write($known, $turn, array_map(fn (Source $source): array => [
            'name' => $source->name, 'state' => $this->lines[$source->name]->state(),
            'silence' => $silence[$source->name] ?? null,
        ], $this->sources), $this->hearing->sources(), $news);
        $point = TrackPoint::of(microtime(true), Motion::of($known, $turn, $this->corrections));
        if ($point?->isDueAfter($this->kept) === true) {
            $this->kept = $point;
            $this->stand->doesNotChangeBy(fn (): bool => $this->track->keep($point));
            $this->held->write($this->track->held());
        }
    }
}
