<?php

declare(strict_types=1);

namespace Admek\Core\Files;

use Admek\Core\InvalidValue;
use Admek\Core\Patterns\Bands;
use Admek\Core\Patterns\Exposure;
use Admek\Core\Patterns\Factor;
use Admek\Core\Patterns\PatternRules;
use Admek\Core\Rules\RuleBook;
use JsonException;

/** Line-hours and bites as anybody can write them down (docs/patterns.md). */
final readonly class ExposureFile
{
    public const FORMAT = 'admek-exposures';

    public const VERSION = 1;

    public const MOST_ROWS = 200_000;

    private const MOST_LETTERS = 80;

    /** Where of the day, and how high the sun stood: of these there is a curve. */
    private const ALONG = ['clock' => [0, 24], 'sun' => [-90, 90]];

    /**
     * @param  list<Exposure>  $exposures
     * @param  array{clock: list<array{float, float, int}>, sun: list<array{float, float, int}>}  $along
     */
    private function __construct(public array $exposures, public array $along, public Bands $bands)
    {
    }

    /** @throws InvalidValue naming the place in the file */
    public static function read(string $text): self
    {
        try {
            $file = json_decode($text, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw InvalidValue::because('file', "JSON: {$fault->getMessage()}");
        }
        if (! is_array($file) || ($file['format'] ?? null) !== self::FORMAT || ($file['version'] ?? null) !== self::VERSION) {
            throw InvalidValue::because('format', self::FORMAT.', version '.self::VERSION);
        }
        $rows = $file['rows'] ?? null;
        if (! is_array($rows) || ! array_is_list($rows) || count($rows) > self::MOST_ROWS) {
            throw InvalidValue::because('rows', 'a list of at most '.self::MOST_ROWS);
        }
        $bands = new Bands(self::widths($file['bands'] ?? []));
        $exposures = [];
        $along = ['clock' => [], 'sun' => []];
        foreach ($rows as $i => $row) {
            try {
                $exposures[] = $one = self::row(is_array($row) ? $row : [], $bands);
                foreach (self::ALONG as $key => $range) {
                    $at = self::figure($row, $key, $range);
                    if ($at !== null) {
                        $along[$key][] = [$at, $one->hours, $one->bites];
                    }
                }
            } catch (InvalidValue $invalid) {
                throw $invalid->within("rows.{$i}");
            }
        }

        return new self($exposures, $along, $bands);
    }

    /** @throws InvalidValue */
    private static function widths(mixed $bands): RuleBook
    {
        if (! is_array($bands)) {
            throw InvalidValue::because('bands', 'widths by factor');
        }
        $widths = [];
        foreach ($bands as $factor => $wide) {
            if (! is_int($wide) && ! is_float($wide)) {
                throw InvalidValue::because("bands.{$factor}", 'a number');
            }
            $widths[(string) $factor] = (float) $wide;
        }
        try {
            return RuleBook::of(PatternRules::rules(), $widths);
        } catch (InvalidValue $invalid) {
            throw $invalid->within('bands');
        }
    }

    /**
     * @param  array<array-key, mixed>  $row
     *
     * @throws InvalidValue
     */
    private static function row(array $row, Bands $bands): Exposure
    {
        $hours = self::figure($row, 'hours', Exposure::HOURS) ?? throw InvalidValue::because('hours', 'given');
        $bites = $row['bites'] ?? throw InvalidValue::because('bites', 'given');
        if (! is_int($bites)) {
            throw InvalidValue::because('bites', 'a whole number');
        }
        $levels = [];
        foreach (array_diff_key($row, ['hours' => 0, 'bites' => 0] + self::ALONG) as $key => $told) {
            if ($told === null) {
                continue;
            }
            $factor = Factor::tryFrom((string) $key);
            if ($factor?->quantity() !== null && (is_int($told) || is_float($told))) {
                $told = $bands->level($factor, self::figure($row, (string) $key, [-1000, 1000]) ?? 0.0);
            }
            if (! is_string($told) || $told === '' || mb_strlen($told) > self::MOST_LETTERS) {
                throw InvalidValue::because((string) $key, 'a word of 1 to '.self::MOST_LETTERS.' letters');
            }
            $levels[(string) $key] = $told;
        }

        return new Exposure($hours, $bites, $levels);
    }

    /**
     * @param  array{int|float, int|float}  $range
     *
     * @throws InvalidValue
     */
    private static function figure(mixed $row, string $key, array $range): ?float
    {
        $told = is_array($row) ? $row[$key] ?? null : null;
        if ($told === null) {
            return null;
        }
        if (! is_int($told) && ! is_float($told)) {
            throw InvalidValue::because($key, 'a number');
        }
        InvalidValue::unlessBetween($key, (float) $told, ...$range);

        return (float) $told;
    }
}
