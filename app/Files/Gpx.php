<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Ground\Place;
use XMLWriter;

/** A file of GPX 1.1 as it is written; waypoints come before tracks (its schema). */
final readonly class Gpx
{
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
     */
    public function point(string $element, Place $place, array $told = []): void
    {
        $this->xml->startElement($element);
        $this->xml->writeAttribute('lat', sprintf('%.7F', $place->latitude));
        $this->xml->writeAttribute('lon', sprintf('%.7F', $place->longitude));
        $this->tell($told);
        $this->end();
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
