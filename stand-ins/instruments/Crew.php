<?php

declare(strict_types=1);

namespace StandIns\Instruments;

use Ramsey\Uuid\Uuid;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Her crew: looks at lines as they fall due, and tells of the fish that come, by a script of chance with a seed. */
final class Crew
{
    /** s from one look at a line, and from one fish, to the next; and what becomes of a fish, s after its bite. */
    private const CHECK = 40;

    private const FISH = 480;

    private const ENDS = 150;

    private const SET = 240;

    private readonly Randomizer $chance;

    /** @var ?array{holder: string, uuid: string, at: int} */
    private ?array $fish = null;

    /** @param  string  $admek  where it answers, such as http://127.0.0.1:8000 */
    public function __construct(private readonly string $admek, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @param  int  $at  s under way */
    public function does(int $at): void
    {
        if ($this->fish !== null && $at - $this->fish['at'] === self::ENDS) {
            $this->ends($this->fish['uuid']);
        } elseif ($this->fish !== null && $at - $this->fish['at'] === self::SET) {
            $this->setAgain($this->fish['holder']);
            $this->fish = null;
        } elseif ($at % self::FISH === self::FISH - self::SET) {
            $this->bites($at);
        } elseif ($at % self::CHECK === 0) {
            $this->checks();
        }
    }

    private function checks(): void
    {
        $due = array_filter($this->rods(), static fn (array $rod): bool => $rod['state'] === 'fishing' && $rod['due'] !== null
            && strtotime($rod['due']) < time());
        usort($due, static fn (array $a, array $b): int => $a['due'] <=> $b['due']);
        if ($due !== []) {
            $this->tell(['kind' => 'checked', 'holder_id' => $due[0]['holder_id']]);
        }
    }

    private function bites(int $at): void
    {
        $trip = $this->trip();
        $fishing = array_values(array_filter($this->rods(), static fn (array $rod): bool => $rod['state'] === 'fishing'));
        if ($trip === null || $fishing === []) {
            return;
        }
        $rod = $fishing[$this->chance->getInt(0, count($fishing) - 1)];
        $uuid = $this->tell([
            'kind' => 'bite', 'holder_id' => $rod['holder_id'], 'spread_id' => $trip['spreads'][0]['id'], 'speed' => 1.028,
            'lines' => array_column($fishing, 'line'),
        ]);
        $this->fish = ['holder' => $rod['holder'], 'uuid' => $uuid, 'at' => $at];
    }

    private function ends(string $bite): void
    {
        if ($this->chance->getInt(0, 2) === 0) {
            $this->tell(['kind' => 'lost', 'of' => $bite]);

            return;
        }
        $this->tell([
            'kind' => 'landed', 'of' => $bite, 'species' => ['king', 'lake_trout', 'coho'][$this->chance->getInt(0, 2)],
            'length' => $this->chance->getInt(55, 95) / 100,
        ]);
        $this->tell(['kind' => 'released', 'of' => $bite]);
    }

    private function setAgain(string $holder): void
    {
        foreach ($this->rods() as $rod) {
            if ($rod['holder'] === $holder && $rod['state'] === 'in_boat') {
                $this->tell(['kind' => 'out', 'holder_id' => $rod['holder_id'], 'line' => $rod['line']]);
            }
        }
    }

    /** @return ?array<string, mixed> */
    private function trip(): ?array
    {
        foreach ($this->ask('GET', '/trips') ?? [] as $trip) {
            // Only of today: nobody else is out.
            if ($trip['under_way'] && $trip['bites_count'] > 0) {
                return $trip;
            }
        }

        return null;
    }

    /** @return list<array<string, mixed>> */
    private function rods(): array
    {
        $trip = $this->trip();

        return $trip === null ? [] : $this->ask('GET', "/trips/{$trip['id']}/watch")['rods'] ?? [];
    }

    /**
     * @param  array<string, mixed>  $event
     * @return string its name
     */
    private function tell(array $event): string
    {
        $uuid = Uuid::uuid7()->toString();
        $now = gmdate('Y-m-d\TH:i:s\Z');
        $trip = $this->trip();
        if ($trip !== null) {
            $this->ask('POST', "/trips/{$trip['id']}/events", [
                'sent_at' => $now, 'events' => [['uuid' => $uuid, 'at' => $now] + $event],
            ]);
        }

        return $uuid;
    }

    /**
     * @param  ?array<string, mixed>  $body
     * @return ?array<array-key, mixed> nothing where Admek does not answer just now
     */
    private function ask(string $method, string $path, ?array $body = null): ?array
    {
        $answer = @file_get_contents("{$this->admek}/api{$path}", false, stream_context_create(['http' => [
            'method' => $method, 'timeout' => 3, 'ignore_errors' => false,
            'header' => "Content-Type: application/json\r\nAccept: application/json\r\nOrigin: {$this->admek}\r\n",
        ] + ($body === null ? [] : ['content' => json_encode($body, JSON_PRESERVE_ZERO_FRACTION)])]));
        $told = $answer === false ? null : json_decode($answer, true);

        return is_array($told) ? $told : null;
    }
}
