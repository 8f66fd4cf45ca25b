<?php

declare(strict_types=1);

namespace App\Http\Locker;

use Admek\Core\Boat\Hull;
use Admek\Core\Books\Book;
use Admek\Core\Day\EventKind;
use Admek\Core\Day\LineState;
use Admek\Core\Fish\Condition;
use Admek\Core\Fish\Species;
use Admek\Core\Ground\Course;
use Admek\Core\Ground\Place;
use Admek\Core\Ground\StructureKind;
use Admek\Core\Instruments\SourceKind;
use Admek\Core\Manoeuvres\ManoeuvreFigure;
use Admek\Core\Manoeuvres\ManoeuvreKind;
use Admek\Core\Records\Outcome;
use Admek\Core\Records\SoundingMethod;
use Admek\Core\Spread\Drafting\DraftBand;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Plan\SettingSchool;
use Admek\Core\Spread\Plan\Tries;
use Admek\Core\Tackle\Catalogue\GearField;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Tackle\Catalogue\Part;
use Admek\Core\Tackle\Catalogue\Presentation;
use Admek\Core\Tackle\Catalogue\Words;
use Admek\Core\Tackle\Parts\Attractor;
use Admek\Core\Tackle\Parts\Forage;
use Admek\Core\Tackle\Parts\LeadWeight;
use Admek\Core\Tackle\Parts\LureKind;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Towing\Medium\Salinity;
use Admek\Core\Trip\BaitCure;
use Admek\Core\Trip\Chore;
use Admek\Core\Units\ClockFace;
use Admek\Core\Units\Quantity;
use Admek\Core\Units\Unit;
use Admek\Core\Units\Units;
use Admek\Core\Water\Signs\Clarity;
use Admek\Core\Water\Signs\Mark;
use Admek\Core\Water\Signs\Season;
use Admek\Core\Water\Signs\Sky;
use Admek\Core\Water\Signs\Surface;
use BackedEnum;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Every presentation and piece of gear as the page draws and asks them; the same until Admek itself changes. */
final class CatalogueController
{
    public function __invoke(Request $request): JsonResponse
    {
        $response = new JsonResponse([
            'presentations' => array_map(self::presentation(...), Presentation::cases()),
            'boards' => ['in-line' => self::part(Part::board()), 'mast' => self::part(Part::mastBoard())],
            'words' => ['board_second' => Words::BOARD_SECOND, 'told' => Words::TOLD],
            'speed' => [
                'least' => Conditions::SLOWEST,
                'most' => Conditions::FASTEST,
                'first' => Conditions::FIRST_SPEED,
                'step' => Tries::speedStep(Units::Us),
                'metric_step' => Tries::speedStep(Units::Metric),
            ],
            'hull' => [
                'length' => Hull::LENGTH, 'beam' => Hull::BEAM, 'aft' => Hull::AFT, 'aside' => Hull::ASIDE,
                'height' => Hull::HEIGHT, 'most_holders' => Hull::MOST_HOLDERS, 'most_crew' => Hull::MOST_CREW,
                'code' => Hull::CODE, 'step' => Hull::step(Units::Us), 'metric_step' => Hull::step(Units::Metric),
            ],
            'follow' => Course::FOLLOWED,
            'places' => ['latitude' => Place::MOST_LATITUDE, 'longitude' => Place::MOST_LONGITUDE],
            'structures' => ['one' => StructureKind::drawnOf(false), 'several' => StructureKind::drawnOf(true)],
            'band' => DraftBand::FIRST,
            'chore' => Chore::FIRST,
            'marks' => ['counts' => Mark::COUNTS, 'sizes' => Mark::SIZES, 'first' => Mark::FIRST],
            'books' => array_combine(
                array_column(Book::cases(), 'value'), array_map(static fn (Book $book): string => $book->title(), Book::cases()),
            ),
            'manoeuvres' => array_map(static fn (ManoeuvreKind $kind): array => [
                'kind' => $kind->value, 'title' => $kind->title(), 'job' => $kind->job(), 'has_side' => $kind->hasSide(),
                'turns' => $kind->turns(), 'figures' => array_map(self::manoeuvreFigure(...), $kind->figures()),
            ], ManoeuvreKind::cases()),
            'tries' => [
                'radii' => Tries::RADII,
                'faster' => Tries::FASTER,
                'gear_depth' => Tries::gearDepth(Units::Us),
                'metric_gear_depth' => Tries::gearDepth(Units::Metric),
            ],
            'units' => array_combine(
                array_column(Units::cases(), 'value'), array_map(self::measures(...), Units::cases()),
            ),
            'line_states' => array_map(static fn (LineState $state): array => [
                'state' => $state->value, 'words' => $state->words(),
                'takes' => array_map(static fn (EventKind $kind): array => [
                    'kind' => $kind->value, 'order' => $kind->order(), 'of_bite' => $kind->isOfBite(),
                    'leaves' => $kind->leaves()?->value,
                ], $state->takes()),
            ], LineState::cases()),
            'file_units' => [
                'depth' => Unit::names(Quantity::Depth), 'temperature' => Unit::names(Quantity::Temperature),
            ],
            'kinds' => [
                'species' => self::kinds(Species::cases(), static fn (Species $kind): string => $kind->label()),
                'outcomes' => self::kinds(Outcome::cases()),
                'conditions' => self::kinds(Condition::cases()),
                'soundings' => self::kinds(SoundingMethod::cases(), static fn (SoundingMethod $kind): string => $kind->word()),
                'schools' => self::kinds(
                    SettingSchool::cases(), static fn (SettingSchool $kind): string => $kind->word(),
                    static fn (SettingSchool $kind): string => $kind->why(),
                ),
                'cures' => self::kinds(BaitCure::cases(), static fn (BaitCure $kind): string => $kind->word()),
                'waters' => self::kinds(Salinity::cases()),
                'clocks' => self::kinds(ClockFace::cases(), static fn (ClockFace $kind): string => $kind->word()),
                'seasons' => self::kinds(Season::cases()),
                'clarity' => self::kinds(Clarity::cases()),
                'sky' => self::kinds(Sky::cases()),
                'surface' => self::kinds(Surface::cases()),
                'events' => self::kinds(EventKind::cases(), static fn (EventKind $kind): string => $kind->words()),
                'sources' => self::kinds(
                    SourceKind::cases(), static fn (SourceKind $kind): string => $kind->words(),
                    static fn (SourceKind $kind): string => $kind->addressed(),
                ),
                'forage' => self::kinds(Forage::cases(), static fn (Forage $kind): string => $kind->word()),
            ],
            'leader_lines' => array_map(
                static fn (Material $material): array => [
                    'material' => $material->value, 'tests' => array_keys($material->diameters()),
                ],
                Material::thin(),
            ),
            'shop_weights' => LeadWeight::STOCK,
            'attractors' => self::words(Attractor::cases()),
            'lures' => self::words(LureKind::cases()),
            'gear' => array_map(static fn (GearForm $form): array => [
                'list' => $form->value, 'one' => $form->one(), 'note' => $form->note(),
                'fields' => array_map(self::field(...), $form->fields()),
            ], GearForm::cases()),
        ], options: JSON_PRESERVE_ZERO_FRACTION);
        $response->setEtag(hash('xxh128', (string) $response->getContent()));
        $response->headers->set('Cache-Control', 'no-cache, private');
        $response->isNotModified($request);

        return $response;
    }

    /** @return array<string, mixed> */
    private static function presentation(Presentation $presentation): array
    {
        $entry = $presentation->entry();

        return [
            'presentation' => $presentation->value, 'name' => $entry->name, 'offered' => $entry->offered ?? $entry->name,
            'best_at' => $entry->bestAt,
            'holder' => $entry->holder->value, 'takes_board' => $entry->takesBoard,
            'reels' => array_column($entry->reels, 'value'),
            'parts' => array_map(self::part(...), $entry->parts),
            'words' => $entry->words ?? [$entry->name], 'board_words' => [$entry->boardWord ?? "board, {$entry->name}"],
            'setting' => $entry->setting, 'second' => $entry->second, 'more' => $entry->more,
        ];
    }

    /** @return array<string, mixed> */
    private static function part(Part $part): array
    {
        $fields = [];
        foreach ($part->fields as $field) {
            $fields[] = [
                'label' => $field->label,
            ] + ($field->figure === null || $field->range === null ? ['pick' => $field->pick?->value] : [
                'figure' => $field->figure->value, 'quantity' => $field->figure->quantity()->value, 'beside' => $field->beside,
                'before' => $field->before,
                'least' => $field->range->least, 'most' => $field->range->most, 'step' => $field->range->step,
                'metric_step' => $field->range->metricStep,
            ]);
        }

        return ['mark' => $part->mark->value, 'fields' => $fields];
    }

    /** @return array<string, mixed> */
    private static function manoeuvreFigure(ManoeuvreFigure $figure): array
    {
        return ['quantity' => $figure->quantity->value] + get_object_vars($figure);
    }

    /** @return array<string, mixed> */
    private static function field(GearField $field): array
    {
        return [
            'key' => $field->key, 'label' => $field->label, 'options' => $field->options, 'quantity' => $field->quantity?->value,
            'unit' => $field->unit, 'optional' => $field->optional, 'start' => $field->start,
        ];
    }

    /**
     * @return array<string, array{
     *     unit: string, short: string, spoken: string, size: float, zero: float, places: int, typed_places: int,
     * }>
     */
    private static function measures(Units $units): array
    {
        $measures = [];
        foreach (Quantity::cases() as $quantity) {
            $measures[$quantity->value] = [
                'unit' => $units->unit($quantity), 'short' => $units->short($quantity), 'spoken' => $units->spoken($quantity),
                'size' => $units->size($quantity), 'zero' => $units->zero($quantity), 'places' => $units->fieldPlaces($quantity),
                'typed_places' => $units->typedPlaces($quantity),
            ];
        }

        return $measures;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  list<T>  $kinds
     * @param  ?Closure(T): string  $word  null where its value is its word
     * @param  ?Closure(T): string  $why
     * @return list<array{value: int|string, word: int|string, why: ?string}>
     */
    private static function kinds(array $kinds, ?Closure $word = null, ?Closure $why = null): array
    {
        return array_map(static fn (BackedEnum $kind): array => [
            'value' => $kind->value,
            'word' => $word === null ? $kind->value : $word($kind),
            'why' => $why === null ? null : $why($kind),
        ], $kinds);
    }

    /**
     * @param  list<Attractor|LureKind>  $kinds
     * @return array<string, string> word by value
     */
    private static function words(array $kinds): array
    {
        $words = [];
        foreach ($kinds as $kind) {
            $words[$kind->value] = $kind->word();
        }

        return $words;
    }
}
