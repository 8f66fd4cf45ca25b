<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Ground\Place;
use XMLWriter;

/** A file of GPX 1.1 as it is written; waypoints come before tracks (its schema). */
final readonly class Gpx
{
    /** The namespace of what is told beyond the schema. */
    public const OWN = 'urn:admek:day';

    private XMLWriter $xml;

    public function __construct()
    {
        $this->xml = new XMLWriter;
        $this->xml->openMemory();
        $this->xml->setIndent(true);
        $this->xml->startDocument('1.0', 'UTF-8');
        $this->begin('gpx');
        foreach (['version' => '1.1', 'creator' => 'Admek', 'xmlns' => 'http://www.topografix.com/GPX/1/1'] as $name => $value) {
            $this->xml->writeAttribute($name, $value);
        }
    }

    /** @param  array<string, string>  $told  what it tells of itself, by element, in the schema's order */
    public function begin(string $element, array $told = []): void
    {
        $this->xml->startElement($element);
        $this->tell($told);
    }

    public function end(): void
    {
        $this->xml->endElement();
    }

    /**
     * @param  'wpt'|'trkpt'  $element
     * @param  array<string, string>  $told  by element, in the schema's order
     * @param  array<string, list<string>>  $more  of Admek's own, by element
     */
    public function point(string $element, Place $place, array $told = [], array $more = []): void
    {
        $this->xml->startElement($element);
        $this->xml->writeAttribute('lat', sprintf('%.7F', $place->latitude));
        $this->xml->writeAttribute('lon', sprintf('%.7F', $place->longitude));
        $this->tell($told);
        if ($more !== []) {
            $this->xml->startElement('extensions');
            foreach ($more as $name => $texts) {
                foreach ($texts as $text) {
                    $this->xml->writeElementNs('admek', $name, self::OWN, $text);
                }
            }
            $this->end();
        }
        $this->end();
    }

    /**
     * Points of a track: as {@see point()} writes them, and many times as fast.
     *
     * @param  iterable<?array{Place, string, string}>  $points  place, time, and text of Admek's own, '' where there is none;
     *   null where another segment begins
     */
    public function track(iterable $points): void
    {
        $text = $within = '';
        foreach ($points as $point) {
            if ($point === null || $within === '') {
                $text .= "{$within}\n  <trkseg>";
                $within = "\n  </trkseg>";
            }
            if ($point === null) {
                continue;
            }
            [$place, $time, $own] = $point;
            if ($own !== '') {
                $own = strpbrk($own, '&<>') === false ? $own : htmlspecialchars($own, ENT_NOQUOTES | ENT_XML1);
                $own = "\n    <extensions>\n     <admek:figures xmlns:admek=\"".self::OWN
                    ."\">{$own}</admek:figures>\n    </extensions>";
            }
            $text .= sprintf("\n   <trkpt lat=\"%.7F\" lon=\"%.7F\">", $place->latitude, $place->longitude)
                ."\n    <time>{$time}</time>{$own}\n   </trkpt>";
        }
        $this->xml->writeRaw($text.$within."\n ");
    }

    public function text(): string
    {
        $this->end();
        $this->xml->endDocument();

        return $this->xml->outputMemory();
    }

    /** @param  array<string, string>  $told */
    private function tell(array $told): void
    {
        foreach ($told as $element => $text) {
            $this->xml->writeElement($element, $text);
        }
    }
}
