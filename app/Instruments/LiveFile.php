<?php

declare(strict_types=1);

namespace App\Instruments;

use Admek\Core\Instruments\Known;

/** What the hub knows, handed to whoever asks: one small file, written anew each time and put in place whole. */
final class LiveFile
{
    /** Intervals between figures of which the middle one tells how often they come. */
    private const INTERVALS = 5;

    private int $version = 0;

    /** s of this machine's running at which figures came last. */
    private ?float $came = null;

    /** @var list<float> s from some figures to the next, the last few */
    private array $apart = [];

    /** @param  ?string  $path  null where no hub is served */
    public function __construct(private readonly ?string $path)
    {
    }

    /**
     * @param  array<string, Known>  $known
     * @param  list<array{name: string, state: string, silence: ?float}>  $sources
     * @param  array<string, array{used: int, faults: array<string, int>}>  $talkers  by source/talker
     * @param  bool  $news  whether figures came
     */
    public function write(array $known, ?float $turn, array $sources, array $talkers, bool $news): void
    {
        $running = hrtime(true) / 1e9;
        if ($news) {
            $this->version++;
            if ($this->came !== null) {
                $this->apart = array_slice([...$this->apart, $running - $this->came], -self::INTERVALS);
            }
            $this->came = $running;
        }
        $apart = $this->apart;
        sort($apart);
        $told = json_encode([
            'running' => $running, 'wall' => microtime(true), 'version' => getmypid().'.'.$this->version,
            'came' => $this->came, 'every' => $apart[intdiv(count($apart), 2)] ?? null, 'turn' => $turn, 'sources' => $sources,
            'talkers' => (object) $talkers,
            'figures' => (object) array_map(
                static fn (Known $one): array => [$one->value, $one->source, $one->age, $one->others], $known,
            ),
        ], JSON_PRESERVE_ZERO_FRACTION | JSON_INVALID_UTF8_SUBSTITUTE | JSON_UNESCAPED_UNICODE);
        // Where nothing can be written, such as on a full disk, what is there grows old, and is told as old.
        if ($this->path !== null && is_string($told) && @file_put_contents("{$this->path}.part", $told) === strlen($told)) {
            @rename("{$this->path}.part", $this->path);
        }
    }

    public function read(): Instruments
    {
        $text = $this->path === null ? false : @file_get_contents($this->path);
        $told = $text === false ? null : json_decode($text, true);

        return is_array($told) ? Instruments::of($told, hrtime(true) / 1e9, microtime(true)) : Instruments::none();
    }
}
