<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Ground\Place;
use Admek\Core\InvalidValue;
use Closure;
use XMLReader;

/**
 * GPX 1.1 (and 1.0) as it streams by: memory does not grow with the file. No document type, no entities of its own, nothing
 * fetched; read whole or refused at the line.
 */
final readonly class GpxStream
{
    private const NAMESPACES = ['http://www.topografix.com/GPX/1/1', 'http://www.topografix.com/GPX/1/0'];

    private const FLAGS = LIBXML_NONET | LIBXML_COMPACT;

    private function __construct(private XMLReader $xml)
    {
    }

    /**
     * @param  Closure(XMLReader): bool  $open  opens what is read
     * @param  Closure(self, string): void  $opened  at each element, by its name; one of another namespace by that and its name
     * @param  Closure(string): void  $closed  at the end of each
     *
     * @throws InvalidValue naming the line
     */
    private static function with(Closure $open, Closure $opened, Closure $closed): void
    {
        $quiet = libxml_use_internal_errors(true);
        libxml_clear_errors();
        $xml = new XMLReader;
        try {
            if (! $open($xml)) {
                throw InvalidValue::because('file', 'a file that can be read');
            }
            (new self($xml))->all($opened, $closed);
        } finally {
            $xml->close();
            libxml_clear_errors();
            libxml_use_internal_errors($quiet);
        }
    }

    /**
     * @param  string  $path  of a file or stream
     * @param  Closure(self, string): void  $opened
     * @param  Closure(string): void  $closed
     *
     * @throws InvalidValue naming the line
     */
    public static function read(string $path, Closure $opened, Closure $closed): void
    {
        self::with(static fn (XMLReader $xml): bool => (bool) @$xml->open($path, null, self::FLAGS), $opened, $closed);
    }

    /**
     * @param  Closure(self, string): void  $opened
     * @param  Closure(string): void  $closed
     *
     * @throws InvalidValue naming the line
     */
    public static function readText(string $text, Closure $opened, Closure $closed): void
    {
        self::with(static fn (XMLReader $xml): bool => (bool) @$xml->XML($text, null, self::FLAGS), $opened, $closed);
    }

    /** What stands in the element, of its own and of those in it. */
    public function text(): string
    {
        return trim((string) @$this->xml->readString());
    }

    /** Of a waypoint or a point of a line. */
    public function place(): Place
    {
        $figures = [];
        foreach (['lat' => 'latitude', 'lon' => 'longitude'] as $attribute => $field) {
            $text = (string) $this->xml->getAttribute($attribute);
            if (! is_numeric($text)) {
                throw InvalidValue::because("{$this->line()} {$attribute}", 'a number of degrees');
            }
            $figures[$field] = (float) $text;
        }
        try {
            return new Place(...$figures);
        } catch (InvalidValue $invalid) {
            throw $invalid->named("{$this->line()} {$invalid->field}");
        }
    }

    /** Where it has come to. */
    public function line(): string
    {
        $node = @$this->xml->expand();

        return 'file line '.($node === false ? 0 : $node->getLineNo());
    }

    private function name(): string
    {
        return in_array($this->xml->namespaceURI, self::NAMESPACES, true)
            ? $this->xml->localName : "{$this->xml->namespaceURI} {$this->xml->localName}";
    }

    /**
     * @param  Closure(self, string): void  $opened
     * @param  Closure(string): void  $closed
     */
    private function all(Closure $opened, Closure $closed): void
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
                $empty = $this->xml->isEmptyElement;
                $name = $this->name();
                $opened($this, $name);
                if ($empty) {
                    $closed($name);
                }
            } elseif ($this->xml->nodeType === XMLReader::END_ELEMENT) {
                $closed($this->name());
            }
        }
        $error = libxml_get_last_error();
        if ($error !== false) {
            throw InvalidValue::because("file line {$error->line}", 'sound XML: '.lcfirst(trim($error->message)));
        }
        if (! $rooted) {
            throw InvalidValue::because('file', 'GPX 1.1');
        }
    }
}
