<?php

declare(strict_types=1);

namespace App\Files\Whole;

use Admek\Core\Boat\Hull;
use Admek\Core\Day\EventKind;
use Admek\Core\Drills\DrillKind;
use Admek\Core\Fish\Species;
use Admek\Core\Ground\Place;
use Admek\Core\Ground\StructureKind;
use Admek\Core\InvalidValue;
use Admek\Core\Records\Outcome;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\SettingSchool;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Described\HolderKind;
use Admek\Core\Tackle\Described\LineFigure;
use Admek\Core\Tackle\Parts\Attractor;
use Admek\Core\Tackle\Parts\Counter;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Towing\Medium\Salinity;
use Admek\Core\Towing\Side;
use Admek\Core\Trip\BaitCure;
use Admek\Core\Units\ClockFace;
use Admek\Core\Units\Units;
use App\Files\Photograph;
use App\Instruments\PackedHours;
use App\Models\Gear\Lure;
use BackedEnum;
use DateTimeImmutable;
use DateTimeZone;

/** What each place of a row can hold, by what its column is declared as and by what is known of it: held before it is kept. */
final readonly class RowGate
{
    /** Letters of what stands in a cell of a row. */
    private const LONGEST_WORD = 1000;

    private const DEEPEST = 64;

    /** @var array<string, class-string<BackedEnum>> words of a kind, by table and column */
    private const KINDS = [
        'boats.units' => Units::class, 'boats.clock_face' => ClockFace::class, 'holders.kind' => HolderKind::class,
        'trips.bait_cure' => BaitCure::class, 'trips.water' => Salinity::class, 'target_bands.species' => Species::class,
        'spreads.school' => SettingSchool::class, 'bites.outcome' => Outcome::class, 'bites.species' => Species::class,
        'soundings.method' => SoundingMethod::class, 'soundings.presentation' => Presentation::class,
        'spread_lines.presentation' => Presentation::class, 'spread_lines.leader_material' => Material::class,
        'spread_lines.attractor' => Attractor::class, 'spread_lines.dial_side' => Side::class,
        'spread_templates.species' => Species::class, 'structures.kind' => StructureKind::class,
        'events.kind' => EventKind::class, 'drill_scores.kind' => DrillKind::class,
    ];

    private const WORDS = ['holders.side' => Hull::SIDES];

    private const LATITUDE = [-90, 90];

    private const LONGITUDE = [-Place::MOST_LONGITUDE, Place::MOST_LONGITUDE];

    /** @var array<string, array{float|int, float|int}> by table and column */
    private const RANGES = [
        'boats.length' => Hull::LENGTH, 'boats.beam' => Hull::BEAM, 'boats.mast_height' => Hull::MAST,
        'boats.log_factor' => Hull::LOG_FACTOR, 'boats.lines_per_angler' => Hull::LINES_AN_ANGLER,
        'holders.aft' => Hull::AFT, 'holders.starboard' => Hull::ASIDE, 'holders.height' => Hull::HEIGHT,
        'holders.counter_factor' => Counter::SHOWS, 'reels.counter_factor' => Counter::SHOWS,
        'spreads.speed' => [Conditions::SLOWEST, Conditions::FASTEST],
        'track.latitude' => self::LATITUDE, 'track.longitude' => self::LONGITUDE, 'trips.latitude' => self::LATITUDE,
        'trips.longitude' => self::LONGITUDE, 'bites.latitude' => self::LATITUDE, 'bites.longitude' => self::LONGITUDE,
    ];

    /** Where other words than those of a kind stand. */
    private const PATTERNS = [
        'trips.lines_in' => '/^([01]\d|2[0-3]):[0-5]\d$/',
        'trips.back_by' => '/^([01]\d|2[0-3]):[0-5]\d$/',
    ];

    /** @param  array<string, array<string, string>>  $types  as declared, by table and column, in small letters */
    public function __construct(private array $types)
    {
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     *
     * @throws InvalidValue naming the column
     */
    public function held(string $table, array $row): array
    {
        $form = GearForm::tryFrom($table);
        $fields = $form === null ? [] : array_column($form->fields(), null, 'key');
        foreach ($row as $column => $value) {
            if ($value === null) {
                continue;
            }
            self::isOf($this->types[$table][$column] ?? '', $value, $column);
            self::isKind("{$table}.{$column}", $value, $column);
            $field = $fields[$column] ?? null;
            if ($field?->options !== null && ! isset($field->options[is_string($value) ? $value : ''])) {
                throw InvalidValue::because($column, 'one of '.implode(', ', array_keys($field->options)));
            }
            $range = self::RANGES["{$table}.{$column}"]
                ?? ($field?->least === null ? self::rangeOfLine($table, $column) : [$field->least, $field->most]);
            if ($range !== null && is_numeric($value)) {
                InvalidValue::unlessBetween($column, (float) $value, (float) $range[0], (float) $range[1]);
            }
        }
        if ($table === 'lures') {
            $row = self::fitted($row);
        }
        if (isset($row['overrides'])) {
            foreach ((array) json_decode((string) $row['overrides'], true) as $name => $figure) {
                is_string($name) && (is_int($figure) || is_float($figure))
                    || throw InvalidValue::because('overrides', 'numbers by the names of their figures');
            }
        }
        if ($table === 'spreads' && isset($row['setting_order'])) {
            $order = json_decode((string) $row['setting_order'], true);
            is_array($order) && array_filter($order, is_int(...)) === $order
                || throw InvalidValue::because('setting_order', 'ids of holders');
        }
        if ($table === 'packed_tracks') {
            PackedHours::mustBeOf((int) $row['hour'], (string) $row['packed']);
        }
        if ($table === 'photographs') {
            try {
                $row['picture'] = Photograph::kept((string) $row['picture'], (string) $row['type'])->bytes;
            } catch (InvalidValue $invalid) {
                throw $invalid->named('picture');
            }
        }

        return $row;
    }

    /** @return ?array{float, float} of what a line is told by */
    private static function rangeOfLine(string $table, string $column): ?array
    {
        $range = $table === 'spread_lines' ? LineFigure::tryFrom($column)?->range() : null;

        return $range === null ? null : [$range->least, $range->most];
    }

    /**
     * With the lip its rated point gives it, where another was told.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     *
     * @throws InvalidValue
     */
    private static function fitted(array $row): array
    {
        $lure = new Lure(array_intersect_key($row, array_flip((new Lure)->getFillable())));

        $told = [$row['down_area'], json_decode((string) $row['lip'], true)];
        $fitted = $lure->fitted();
        // As it was worked out when it was typed: the last of its digits may be another's.
        $same = self::areAlike(self::flat($told), self::flat([$fitted->down_area, $fitted->lip]));

        return $same ? $row : array_replace(
            $row, array_intersect_key($fitted->getAttributes(), ['down_area' => 0, 'lip' => 0]),
        );
    }

    /** @return list<mixed> */
    private static function flat(mixed $told): array
    {
        return is_array($told) ? array_merge(...array_map(self::flat(...), array_values($told))) : [$told];
    }

    /**
     * @param  list<mixed>  $some
     * @param  list<mixed>  $others
     */
    private static function areAlike(array $some, array $others): bool
    {
        return count($some) === count($others) && array_filter(array_map(
            static fn (mixed $one, mixed $other): bool => is_numeric($one) && is_numeric($other)
                ? abs((float) $one - (float) $other) > 1e-6 * max(1e-9, abs((float) $other)) : $one !== $other,
            $some, $others,
        )) === [];
    }

    /** @throws InvalidValue */
    private static function isOf(string $declared, mixed $value, string $column): void
    {
        match ($declared) {
            'integer' => is_int($value) || throw InvalidValue::because($column, 'a whole number'),
            'tinyint(1)' => $value === 0 || $value === 1 || throw InvalidValue::because($column, '0 or 1'),
            'float' => is_int($value) || (is_float($value) && is_finite($value))
                || throw InvalidValue::because($column, 'a number'),
            'datetime' => self::isMoment($value, 'Y-m-d H:i:s') || throw InvalidValue::because($column, 'a moment'),
            'date' => self::isMoment($value, 'Y-m-d H:i:s') || self::isMoment($value, 'Y-m-d')
                || throw InvalidValue::because($column, 'a day'),
            'text' => is_string($value) && ($value === 'null' || is_array(json_decode($value, true, self::DEEPEST)))
                || throw InvalidValue::because($column, 'JSON'),
            'blob' => is_string($value) || throw InvalidValue::because($column, 'bytes'),
            default => is_string($value) && mb_check_encoding($value, 'UTF-8') && mb_strlen($value) <= self::LONGEST_WORD
                && preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $value) === 0
                || throw InvalidValue::because($column, 'text of at most '.self::LONGEST_WORD.' letters'),
        };
    }

    /** @throws InvalidValue */
    private static function isKind(string $place, mixed $value, string $column): void
    {
        $kinds = self::KINDS[$place] ?? null;
        $words = $kinds === null ? self::WORDS[$place] ?? null : array_column($kinds::cases(), 'value');
        if ($words !== null && ! in_array($value, $words, true)) {
            throw InvalidValue::because($column, 'one of '.implode(', ', $words));
        }
        if (isset(self::PATTERNS[$place]) && (! is_string($value) || preg_match(self::PATTERNS[$place], $value) !== 1)) {
            throw InvalidValue::because($column, 'as Admek writes it');
        }
        if ($place === 'boats.timezone' && ! in_array($value, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)) {
            throw InvalidValue::because($column, 'the name of a time zone');
        }
    }

    private static function isMoment(mixed $value, string $format): bool
    {
        $read = is_string($value) ? DateTimeImmutable::createFromFormat("!{$format}", $value) : false;

        return $read !== false && $read->format($format) === $value;
    }
}
