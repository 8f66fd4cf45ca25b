<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\DataStand;
use App\Days\Told;
use App\Days\ToldOnce;
use App\Http\Middleware\ClosedAnswers;
use App\Instruments\Instruments;
use App\Instruments\LiveFile;

/**
 * Whether anything is new at all since it was looked at last, told from how all that is kept stands and from what the hub
 * told. So a device that looks every second or two is answered before the framework is woken: that nothing is new, or with what
 * another's look has had worked out.
 */
final class Standing
{
    /** Says what to bring with the next look. */
    public const STAMP = 'Admek-Stamp';

    /** Says after how many ms to look again. */
    public const AGAIN = 'Admek-Again';

    /** Of a request: by what it is told to all who ask so, and what was heard when that was worked out. */
    public const TOLD = 'told';

    public const NEWS = 'news';

    /** Of a request's surroundings: how all that is kept stood before the data was opened; '' where that could not be told. */
    public const STAND = 'ADMEK_STAND';

    /** ms from one look to the next where no instruments tell when there is something new. */
    private const LOOK = 2000;

    /** ms by which looks at the same news are spread: the first has it worked out, and the others find it done. */
    private const SPREAD = 400;

    /**
     * Looks how all that is kept stands, and answers who brings the stamp of a moment since which nothing was written. Whatever
     * it is not sure of it leaves to the application, which knows who asks: a stamp is told to who was answered, and is no good
     * once anything is written, such as that a device is put out.
     *
     * @param  string  $configuration  the file in which it is read already
     */
    public static function answers(string $configuration): bool
    {
        $_SERVER[self::STAND] = '';
        if ($_SERVER['REQUEST_METHOD'] !== 'GET' || ! is_file($configuration)) {
            return false;
        }
        $config = require $configuration;
        $database = $config['database']['connections']['sqlite']['database'];
        $stand = (new DataStand($database, $config['admek']['stand']))->beforeOpening();
        $_SERVER[self::STAND] = (string) $stand;
        $brought = $_GET['stamp'] ?? null;
        if ($stand === null || ! is_string($brought)) {
            return false;
        }
        $heard = (new LiveFile($config['admek']['live']))->read();
        [$stands, $what, $news] = explode('.', $brought, 3) + ['', '', ''];
        $path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
        if (self::stands($stand, $path, $what) !== $stands) {
            return false;
        }
        $body = '';
        if ($news !== self::named($heard->version)) {
            $once = new ToldOnce($config['admek']['told']);
            $told = self::good($once->found($what), $stand);
            if ($told === null && ! $once->claims($what)) {
                // Another is at it.
                $told = self::good($once->found($what), $stand);
            }
            // Worked out from something else, or too long ago: the application has it worked out anew.
            if ($told === null) {
                return false;
            }
            [$body, $news] = [$news === self::named($told->news) ? '' : $told->body, self::named($told->news)];
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
     * What is told now, where it follows from all that is kept as it stands.
     *
     * @param  ?Told  $told  as it is found
     */
    private static function good(?Told $told, string $stand): ?Told
    {
        return $told !== null && $told->stand === $stand && $told->isOfNow() ? $told : null;
    }

    /**
     * What is brought with the next look: another one with every write, whatever is written, so it is taken before the first row
     * is read; with what is told, and of which news.
     *
     * @param  string  $stand  of all that is kept, as it was before the first row was read
     * @param  string  $path  of what is asked
     * @param  string  $what  is told
     */
    public static function stamp(string $stand, string $path, string $what, string $news): string
    {
        return self::stands($stand, $path, $what).".{$what}.".self::named($news);
    }

    private static function stands(string $stand, string $path, string $what): string
    {
        return hash('sha256', implode("\n", [$path, $what, $stand]));
    }

    /** @return array<string, string> */
    public static function again(Instruments $heard): array
    {
        return [self::AGAIN => (string) (int) min(self::LOOK, 1000 * ($heard->again ?? INF) + random_int(0, self::SPREAD))];
    }

    private static function named(string $news): string
    {
        return substr(hash('sha256', $news), 0, 16);
    }
}
