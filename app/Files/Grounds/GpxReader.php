<?php

declare(strict_types=1);

namespace App\Files\Grounds;

use Admek\Core\Ground\Place;
use Admek\Core\Ground\Structure;
use Admek\Core\Ground\StructureKind;
use Admek\Core\Ground\Thinning;
use Admek\Core\InvalidValue;
use Closure;
use XMLReader;

/**
 * GPX 1.1 (and 1.0) read as it streams: waypoints are spots, routes and track segments lines. Memory does not grow with
 * the file. No document type, no entities of its own, nothing fetched; read whole or refused at the line.
 */
final class GpxReader
{
    private const NAMESPACES = ['http://www.topografix.com/GPX/1/1', 'http://www.topografix.com/GPX/1/0'];

    /** Points from one telling of how many there are to the next. */
    private const TOLD_EVERY = 5000;

    private const MOST = 500;

    /** @var list<Structure> */
    private array $structures = [];

    private ?Thinning $line = null;

    private string $name = '';

    private ?Place $spot = null;

    private int $points = 0;

    /** @param  ?Closure(int): void  $at */
    private function __construct(private readonly XMLReader $xml, private readonly ?Closure $at)
    {
    }

    /**
     * @param  string  $path  of a file or stream
     * @param  ?Closure(int): void  $at  told how many points are read, every few thousand
     * @return list<Structure>
     *
     * @throws InvalidValue naming the line
     */
    public static function read(string $path, ?Closure $at = null): array
    {
        $quiet = libxml_use_internal_errors(true);
        libxml_clear_errors();
        $xml = new XMLReader;
        try {
            if (! $xml->open($path, null, LIBXML_NONET | LIBXML_COMPACT)) {
                throw InvalidValue::because('file', 'a file that can be read');
            }

            return (new self($xml, $at))->all();
        } finally {
            $xml->close();
            libxml_clear_errors();
            libxml_use_internal_errors($quiet);
        }
    }

    /** @return list<Structure> */
    private function all(): array
    {
        $rooted = false;
        while (@$this->xml->read()) {
            if ($this->xml->nodeType === XMLReader::DOC_TYPE || $this->xml->nodeType === XMLReader::ENTITY_REF) {
                throw InvalidValue::because('file', 'GPX without a document type or entities of its own');
            }
            if ($this->xml->nodeType === XMLReader::ELEMENT) {
                if (! $rooted) {
                    if ($this->xml->localName !== 'gpx' || ! in_array($this->xml->namespaceURI, self::NAMESPACES, true)) {
                        throw InvalidValue::because('file', 'GPX 1.1: its first element is not gpx');
                    }
                    $rooted = true;
                }
                $this->opened();
            } elseif ($this->xml->nodeType === XMLReader::END_ELEMENT) {
                $this->closed();
            }
        }
        $error = libxml_get_last_error();
        if ($error !== false) {
            throw InvalidValue::because("file line {$error->line}", 'sound XML: '.lcfirst(trim($error->message)));
        }
        if (! $rooted || $this->structures === []) {
            throw InvalidValue::because('file', 'GPX with at least one waypoint, route or track');
        }

        return $this->structures;
    }

    private function opened(): void
    {
        match ($this->xml->localName) {
            'rte', 'trkseg' => $this->line = new Thinning,
            'trk' => $this->name = '',
            'wpt' => $this->spotted($this->place()),
            'rtept', 'trkpt' => $this->taken($this->place()),
            'name' => $this->named(),
            default => null,
        };
        if ($this->xml->isEmptyElement && $this->xml->localName === 'wpt') {
            $this->closed();
        }
        if ($this->xml->localName === 'rte') {
            $this->name = '';
        }
    }

    private function closed(): void
    {
        if ($this->xml->localName === 'wpt' && $this->spot !== null) {
            $this->keep(StructureKind::Hump, 'Spot', [$this->spot]);
            $this->spot = null;
        } elseif (in_array($this->xml->localName, ['rte', 'trkseg'], true) && $this->line !== null) {
            $places = $this->line->places();
            $this->line = null;
            if (count($places) > 1) {
                $this->keep(StructureKind::Track, 'Track', $places);
            }
        }
    }

    private function taken(Place $place): void
    {
        $this->line?->take($place);
        if (++$this->points % self::TOLD_EVERY === 0 && $this->at !== null) {
            ($this->at)($this->points);
        }
    }

    private function spotted(Place $place): void
    {
        $this->spot = $place;
        $this->name = '';
    }

    /** Of a waypoint, route or track; names of the points of a line say nothing of the line. */
    private function named(): void
    {
        $text = trim((string) @$this->xml->readString());
        if ($text !== '' && ($this->name === '' || $this->line === null)) {
            $this->name = mb_substr($text, 0, 60);
        }
    }

    /** @param  non-empty-list<Place>  $places */
    private function keep(StructureKind $kind, string $otherwise, array $places): void
    {
        if (count($this->structures) === self::MOST) {
            throw InvalidValue::because(
                "file line {$this->lineNumber()}", 'the last of at most '.self::MOST.' waypoints, routes and tracks',
            );
        }
        $this->structures[] = new Structure(
            $this->name === '' ? $otherwise.' '.(count($this->structures) + 1) : $this->name, $kind, $places,
        );
    }

    private function place(): Place
    {
        $figures = [];
        foreach (['lat' => 'latitude', 'lon' => 'longitude'] as $attribute => $field) {
            $text = (string) $this->xml->getAttribute($attribute);
            if (! is_numeric($text)) {
                throw InvalidValue::because("file line {$this->lineNumber()} {$attribute}", 'a number of degrees');
            }
            $figures[$field] = (float) $text;
        }
        try {
            return new Place(...$figures);
        } catch (InvalidValue $invalid) {
            throw $invalid->named("file line {$this->lineNumber()} {$invalid->field}");
        }
    }

    private function lineNumber(): int
    {
        $node = @$this->xml->expand();

        return $node === false ? 0 : $node->getLineNo();
    }
}
