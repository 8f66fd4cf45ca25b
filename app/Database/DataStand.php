<?php

declare(strict_types=1);

namespace App\Database;

/**
 * Names how all that is kept stands, told from the head of the database's index of writes (SQLite, "WAL-Index File Format"): another
 * one with every write, but for those that nothing follows from that anybody is told by it, such as a point of the track.
 */
final readonly class DataStand
{
    /** Bytes of the head, which is there twice, and where in it writings and pages written are counted. */
    private const HEAD = 48;

    private const WRITINGS = 8;

    private const WRITTEN = 16;

    /** @param  ?string  $beside  file that tells which writings were of no matter; none where nobody tells */
    public function __construct(private string $database, private ?string $beside)
    {
    }

    /** To be asked before the first row is read; null where it takes the application to tell. */
    public function told(): ?string
    {
        $head = $this->head();

        return $head === null ? null : $this->named($head);
    }

    /**
     * A write that is of no matter: everything stands after it as before, where nobody else wrote meanwhile.
     *
     * @param  callable(): bool  $write  tells whether it has written anything
     */
    public function doesNotChangeBy(callable $write): void
    {
        $before = $this->head();
        if (! $write() || $before === null || $this->beside === null) {
            return;
        }
        $after = $this->head();
        if ($after !== null && self::writings($after) === (self::writings($before) + 1) % 2 ** 32) {
            $told = "{$this->named($before)} ".self::hash($after);
            if (@file_put_contents("{$this->beside}.part", $told) === strlen($told)) {
                @rename("{$this->beside}.part", $this->beside);
            }
        }
    }

    private function named(string $head): string
    {
        $told = $this->beside === null ? '' : (string) @file_get_contents($this->beside);
        [$stand, $now] = explode(' ', $told, 2) + ['', ''];
        $hash = self::hash($head);

        return $now === $hash ? $stand : $hash;
    }

    private function head(): ?string
    {
        $head = @file_get_contents("{$this->database}-shm", length: 2 * self::HEAD);
        if ($head === false || strlen($head) < 2 * self::HEAD || substr($head, 0, self::HEAD) !== substr($head, self::HEAD)) {
            return null;
        }
        // With nothing written yet one index looks like another.
        $written = unpack('V', $head, self::WRITTEN);

        return $written === false || $written[1] === 0 ? null : substr($head, 0, self::HEAD);
    }

    private static function writings(string $head): int
    {
        $count = unpack('L', $head, self::WRITINGS);

        return $count === false ? 0 : $count[1];
    }

    private static function hash(string $head): string
    {
        return hash('sha256', $head);
    }
}
