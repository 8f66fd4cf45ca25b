<?php

declare(strict_types=1);

namespace App\Http;

use App\Days\ToldOnce;
use App\Http\Middleware\ClosedAnswers;
use App\Instruments\Instruments;
use App\Instruments\LiveFile;

/**
 * Whether anything is new at all since it was looked at last, told from the head of the database's index of writes and from what
 * the hub told. So a device that looks every second or two is answered before the framework is woken: that nothing is new, or
 * with what another's look has had worked out.
 */
final readonly class Standing
{
    /** Says what to bring with the next look. */
    public const STAMP = 'Admek-Stamp';

    /** Says after how many ms to look again. */
    public const AGAIN = 'Admek-Again';

    /** Of a request: by what it is told to all who ask so, and what was heard when that was worked out. */
    public const TOLD = 'told';

    public const NEWS = 'news';

    /** ms from one look to the next where no instruments tell when there is something new. */
    private const LOOK = 2000;

    /** Bytes of the head, which is there twice, and where in it pages written are counted (SQLite, "WAL-Index File Format"). */
    private const HEAD = 48;

    private const WRITTEN = 16;

    public function __construct(private string $database, private LiveFile $live)
    {
    }

    /**
     * Answers who brings the stamp of a moment since which nothing was written. Whatever it is not sure of it leaves to the
     * application, which knows who asks: a stamp is told to who was answered, and is no good once anything is written, such as
     * that a device is put out.
     *
     * @param  string  $configuration  the file in which it is read already
     */
    public static function answers(string $configuration): bool
    {
        $brought = $_GET['stamp'] ?? null;
        if (! is_string($brought) || $_SERVER['REQUEST_METHOD'] !== 'GET' || ! is_file($configuration)) {
            return false;
        }
        $config = require $configuration;
        $standing = new self($config['database']['connections']['sqlite']['database'], new LiveFile($config['admek']['live']));
        $heard = $standing->live->read();
        [$stands, $what, $news] = explode('.', $brought, 3) + ['', '', ''];
        $path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
        $head = $standing->head();
        if ($head === null || self::stands($head, $path, $what) !== $stands) {
            return false;
        }
        $body = '';
        if ($news !== self::named($heard->version)) {
            $told = $what === '' ? null : (new ToldOnce($config['admek']['told']))->found($what);
            $known = $_GET['known'] ?? '';
            $same = $told !== null && $news === self::named($told->news);
            // Worked out from something else, or too long ago: the application has it worked out anew.
            if (
                $told === null || ! $told->isOfNow(ToldOnce::GOOD)
                || (! $same && (! is_string($known) || ! str_starts_with($known, "{$told->key}-")))
            ) {
                return false;
            }
            [$body, $news] = [$same ? '' : $told->body, self::named($told->news)];
        }
        http_response_code($body === '' ? 204 : 200);
        $answer = ClosedAnswers::ALWAYS + self::again($heard) + [
            'Admek-Build' => $config['admek']['build'], self::STAMP => "{$stands}.{$what}.{$news}",
            'Cache-Control' => 'no-cache, private',
        ] + ($body === '' ? [] : ['Content-Type' => 'application/json']);
        array_walk($answer, static fn (string $value, string $name) => header("{$name}: {$value}"));
        echo $body === '' ? '' : ToldOnce::atMoment($body, microtime(true));

        return true;
    }

    /**
     * What is brought with the next look: another one with every write, whatever is written, so it is taken before the first row
     * is read; with what is told, and of which news.
     *
     * @param  string  $head  of the index, as it was before the first row was read
     * @param  string  $path  of what is asked
     * @param  string  $what  is told
     */
    public static function stamp(string $head, string $path, string $what, string $news): string
    {
        return self::stands($head, $path, $what).".{$what}.".self::named($news);
    }

    /** @return ?string of the index of writes; null where it takes the application to tell */
    public function head(): ?string
    {
        $head = @file_get_contents("{$this->database}-shm", length: 2 * self::HEAD);
        if ($head === false || strlen($head) < 2 * self::HEAD || substr($head, 0, self::HEAD) !== substr($head, self::HEAD)) {
            return null;
        }
        // With nothing written yet one index looks like another.
        $written = unpack('V', $head, self::WRITTEN);

        return $written === false || $written[1] === 0 ? null : $head;
    }

    private static function stands(string $head, string $path, string $what): string
    {
        return hash('sha256', implode("\n", [$path, $what, $head]));
    }

    /** @return array<string, string> */
    public static function again(Instruments $heard): array
    {
        return [self::AGAIN => (string) (int) min(self::LOOK, 1000 * ($heard->again ?? INF))];
    }

    private static function named(string $news): string
    {
        return substr(hash('sha256', $news), 0, 16);
    }
}
