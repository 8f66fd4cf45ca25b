<?php

declare(strict_types=1);

namespace Admek\Core\Instruments;

/**
 * The last figure of each kind from each source: of several that tell one the captain's order decides, and the next takes over
 * when the first is silent. What jumps beyond what a boat can do is not believed until it is told again.
 */
final class Live
{
    /** s after which a source is silent, and a figure old. */
    public const SILENT = 5.0;

    /** By how much a figure may change in a second, and what of it is a matter of its own coarseness. */
    private const JUMPS = [
        'water_speed' => [2.0, 1.0], 'ground_speed' => [2.0, 1.0], 'depth' => [5.0, 3.0], 'water_temperature' => [1.0, 2.0],
        'latitude' => [0.001, 0.001], 'longitude' => [0.001, 0.001],
    ];

    /** @var array<string, array<string, array{value: float, at: float}>> by figure and source */
    private array $last = [];

    /** @var array<string, array<string, array{value: float, at: float}>> not believed yet */
    private array $doubted = [];

    /** @var array<string, array<string, int>> by source and fault */
    private array $faults = [];

    /** @var array<string, int> sentences used, by source */
    private array $used = [];

    /**
     * @param  list<string>  $order  of sources, the captain's first; of one line several talkers may be heard, each a source of
     *                               its own (line/talker): those come where their line stands, what was not named after all
     *                               others, each as it is first heard
     */
    public function __construct(private array $order = [])
    {
    }

    /** @param  float  $at  s, by any clock that goes on evenly */
    public function take(string $source, Heard $heard, float $at): void
    {
        if (! in_array($source, $this->order, true)) {
            $this->placed($source);
        }
        if ($heard->fault !== null) {
            $this->count($source, $heard->fault);

            return;
        }
        $this->used[$source] = ($this->used[$source] ?? 0) + 1;
        foreach ($heard->figures as $name => $value) {
            $this->figure($name, $source, $value, $at);
        }
    }

    /**
     * As it is known at a moment.
     *
     * @return array<string, Known> by figure
     */
    public function at(float $now): array
    {
        $known = [];
        foreach ($this->last as $name => $sources) {
            $best = null;
            $live = [];
            foreach ($this->order as $source) {
                $told = $sources[$source] ?? null;
                if ($told === null) {
                    continue;
                }
                $one = new Known($told['value'], $source, max(0.0, $now - $told['at']));
                if ($one->live) {
                    $live[$source] = $one->value;
                }
                // The first that is not silent; of those that all are, the one heard last.
                if ($best === null || (! $best->live && ($one->live || $one->age < $best->age))) {
                    $best = $one;
                }
            }
            if ($best !== null) {
                $known[$name] = new Known($best->value, $best->source, $best->age, array_diff_key($live, [$best->source => 0]));
            }
        }

        return $known;
    }

    /** @return array<string, array{used: int, faults: array<string, int>}> by source, in order */
    public function sources(): array
    {
        $sources = [];
        foreach ($this->order as $source) {
            $sources[$source] = ['used' => $this->used[$source] ?? 0, 'faults' => $this->faults[$source] ?? []];
        }

        return $sources;
    }

    private function placed(string $source): void
    {
        $line = explode('/', $source)[0];
        $at = count($this->order);
        while ($at > 0 && explode('/', $this->order[$at - 1])[0] !== $line) {
            $at--;
        }
        array_splice($this->order, $at > 0 ? $at : count($this->order), 0, [$source]);
    }

    private function count(string $source, Fault $fault): void
    {
        $this->faults[$source][$fault->value] = ($this->faults[$source][$fault->value] ?? 0) + 1;
    }

    private function figure(string $name, string $source, float $value, float $at): void
    {
        $told = ['value' => $value, 'at' => $at];
        $last = $this->last[$name][$source] ?? null;
        $doubted = $this->doubted[$name][$source] ?? null;
        unset($this->doubted[$name][$source]);
        // A clock set back makes what was heard before it the past, however long ago.
        if ($last === null || $at < $last['at'] || $this->follows($name, $last, $told)) {
            $this->last[$name][$source] = $told;
        } elseif ($doubted !== null && $this->follows($name, $doubted, $told)) {
            $this->last[$name][$source] = $told;
        } else {
            $this->doubted[$name][$source] = $told;
            $this->count($source, Fault::Jumped);
        }
    }

    /**
     * @param  array{value: float, at: float}  $from
     * @param  array{value: float, at: float}  $to
     */
    private function follows(string $name, array $from, array $to): bool
    {
        $jump = self::JUMPS[$name] ?? null;

        return $jump === null || abs($to['value'] - $from['value']) <= $jump[0] * max(0.0, $to['at'] - $from['at']) + $jump[1];
    }
}
