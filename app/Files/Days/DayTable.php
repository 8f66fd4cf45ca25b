<?php

declare(strict_types=1);

namespace App\Files\Days;

use Admek\Core\Day\Event;
use Admek\Core\Day\Fish;
use Admek\Core\Files\Table;
use Admek\Core\InvalidValue;
use App\Models\Boat;
use Carbon\CarbonImmutable;
use stdClass;

/**
 * What counts of a day's log as a table (RFC 4180): first for whoever reads it, by the port's clock, then all that it takes to
 * come back in unchanged.
 */
final class DayTable
{
    /** What is read again, by the names of docs/day.schema.json; the rest is for whoever looks at it. */
    private const READ = [
        'rod' => 'holder', 'who' => 'who', 'uuid' => 'uuid', 'kind' => 'kind', 'at' => 'at', 'told_at' => 'told_at', 'of' => 'of',
        'tells' => 'tells',
    ];

    public static function write(DayTold $day, Boat $boat): string
    {
        $stream = fopen('php://memory', 'w+');
        assert($stream !== false);
        $rows = array_map(
            static fn (Event $event): array => self::row($event, (array) $day->events[$event->id], $boat), $day->log(),
        );
        foreach ([array_keys($rows[0] ?? self::READ), ...$rows] as $cells) {
            fputcsv($stream, array_map(Table::named(...), $cells), escape: '');
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /**
     * @param  ?list<string>  $places
     *
     * @param-out list<string> $places where each event stands
     *
     * @throws InvalidValue naming the line
     */
    public static function read(string $text, ?array &$places): stdClass
    {
        $stream = fopen('php://memory', 'w+');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $head = array_map(strval(...), fgetcsv($stream, escape: '') ?: []);
        $missing = array_diff(array_keys(self::READ), $head);
        if ($missing !== []) {
            throw InvalidValue::because('line 1', 'the headings of a log of Admek, with '.implode(', ', $missing));
        }
        $events = $places = [];
        for ($line = 2; ($cells = fgetcsv($stream, escape: '')) !== false; $line++) {
            if ($cells === [null]) {
                continue;
            }
            if (count($cells) !== count($head)) {
                throw InvalidValue::because("line {$line}", count($head).' cells, as the headings are');
            }
            $told = array_combine($head, array_map(
                static fn (?string $cell): string => Table::plain((string) $cell), $cells,
            ));
            $row = array_combine(self::READ, array_map(static fn (string $name): string => $told[$name], array_keys(self::READ)));
            foreach (['at', 'told_at', 'tells'] as $name) {
                $row[$name] = json_decode($row[$name], false, 64);
            }
            foreach (['holder', 'of'] as $name) {
                $row[$name] = $row[$name] === '' ? null : $row[$name];
            }
            [$events[], $places[]] = [(object) $row, "line {$line}"];
        }

        return DayFile::of($events, []);
    }

    /**
     * @param  array<string, mixed>  $told
     * @return array<string, string> by heading
     */
    private static function row(Event $event, array $told, Boat $boat): array
    {
        $fish = (new Fish)->after($event);

        return [
            'time' => CarbonImmutable::createFromTimestamp($event->at, $boat->timezone)->format('Y-m-d H:i:s'),
            'rod' => $event->holder ?? '', 'what' => $event->words(), 'lure' => $event->word('lure') ?? '',
            'species' => $event->word('species') ?? '', 'length_m' => self::plain($fish->length),
            'girth_m' => self::plain($fish->girth), 'weight_kg' => self::plain($fish->weight),
            'note' => $event->word('note') ?? '', 'who' => $told['who'], 'uuid' => $event->id,
            'kind' => $event->kind->value, 'at' => DayTold::json($event->at),
            'told_at' => DayTold::json($told['told_at']), 'of' => $event->of ?? '', 'tells' => DayTold::json($told['tells']),
        ];
    }

    private static function plain(?float $value): string
    {
        return $value === null ? '' : (string) round($value, 3);
    }
}
