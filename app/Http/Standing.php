<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Middleware\ClosedAnswers;
use App\Instruments\Instruments;
use App\Instruments\LiveFile;

/**
 * Whether anything is new at all since it was looked at last, told from the head of the database's index of writes and from what
 * the hub told. So a device that looks every second or two is answered before the framework is woken.
 */
final readonly class Standing
{
    /** Says what to bring with the next look. */
    public const STAMP = 'Admek-Stamp';

    /** Says after how many ms to look again. */
    public const AGAIN = 'Admek-Again';

    /** ms from one look to the next where no instruments tell when there is something new. */
    private const LOOK = 2000;

    /** Bytes of the head, which is there twice, and where in it pages written are counted (SQLite, "WAL-Index File Format"). */
    private const HEAD = 48;

    private const WRITTEN = 16;

    public function __construct(private string $database, private LiveFile $live)
    {
    }

    /**
     * Answers where nothing is new for who brings the stamp. Whatever it is not sure of it leaves to the application, which knows
     * who asks: a stamp is told to who was answered, and is no good once anything is written, such as that a device is put out.
     *
     * @param  string  $configuration  the file in which it is read already
     */
    public static function answers(string $configuration): bool
    {
        $brought = $_GET['stamp'] ?? null;
        if (! is_string($brought) || $_SERVER['REQUEST_METHOD'] !== 'GET' || ! is_file($configuration)) {
            return false;
        }
        $told = require $configuration;
        $standing = new self($told['database']['connections']['sqlite']['database'], new LiveFile($told['admek']['live']));
        $heard = $standing->live->read();
        if ($standing->stamp((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH), $heard) !== $brought) {
            return false;
        }
        http_response_code(204);
        $answer = ClosedAnswers::ALWAYS + self::again($heard) + [
            'Admek-Build' => $told['admek']['build'], self::STAMP => $brought, 'Cache-Control' => 'no-cache, private',
        ];
        array_walk($answer, static fn (string $value, string $name) => header("{$name}: {$value}"));

        return true;
    }

    /**
     * Another one with every write, whatever is written; so it is taken before the first row is read.
     *
     * @param  string  $path  of what is asked
     * @return ?string null where it takes the application to tell
     */
    public function stamp(string $path, Instruments $heard): ?string
    {
        $head = @file_get_contents("{$this->database}-shm", length: 2 * self::HEAD);
        if ($head === false || strlen($head) < 2 * self::HEAD || substr($head, 0, self::HEAD) !== substr($head, self::HEAD)) {
            return null;
        }
        // With nothing written yet one index looks like another.
        $written = unpack('V', $head, self::WRITTEN);

        return $written === false || $written[1] === 0 ? null : hash('sha256', implode("\n", [$path, $heard->version, $head]));
    }

    /** @return array<string, string> */
    public static function again(Instruments $heard): array
    {
        return [self::AGAIN => (string) (int) min(self::LOOK, 1000 * ($heard->again ?? INF))];
    }
}
