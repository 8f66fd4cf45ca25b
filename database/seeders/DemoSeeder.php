<?php

declare(strict_types=1);

namespace Database\Seeders;

use Admek\Core\Day\Event;
use Admek\Core\Day\EventKind;
use Admek\Core\Files\ForecastFile;
use Admek\Core\Records\Outcome;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Units\Units;
use App\Days\EventLog;
use App\Days\Telling;
use App\Devices\LaptopName;
use App\Models\Boat;
use App\Models\Chart;
use App\Models\Device;
use App\Models\Spread;
use App\Models\Trip;
use App\Outfitting\BoatOffer;
use App\Outfitting\StarterLocker;
use App\Rigging\LineSnapshot;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * The demo world: the charter boat Second Lamp out of Quillhaven on the Vessamer Sea, a made-up inland water.
 * Nothing in it exists.
 */
final class DemoSeeder extends Seeder
{
    public const LATITUDE = 45.31;

    /** Water temperature, °F by ft. */
    private const TOMORROW = [0 => 66, 20 => 65, 40 => 62, 46 => 56, 55 => 52, 74 => 48, 90 => 46, 118 => 44];

    private const THREE_DAYS_BACK = [0 => 67, 20 => 66, 28 => 64, 36 => 57, 46 => 52, 60 => 48, 90 => 45, 118 => 44];

    /** Bites of the trip three days back: minutes after lines-in, holder, species, outcome, length in inches, lb. */
    private const BITES = [
        [12, 'S5', 'king', 'landed', 34, 14.2],
        [31, 'P3', 'king', 'lost', null, null],
        [58, 'P4', 'lake_trout', 'landed', 27, 7.1],
        [74, 'S5', 'coho', 'landed', 25, 5.6],
        [96, 'P5', 'lake_trout', 'landed', 29, 8.8],
        [131, 'S3', 'king', 'landed', 31, 11.0],
        [160, 'C1', 'king', 'missed', null, null],
    ];

    public function run(): void
    {
        DB::transaction(function (): void {
            $boat = Boat::query()->create(
                [
                    'name' => 'Second Lamp',
                    'timezone' => 'Etc/GMT+3',
                    'stores' => ['leader 1.83 fluorocarbon 25' => 9.0, 'ice' => 9.0],
                ] + array_diff_key(BoatOffer::make(), ['holders' => 0, 'name' => 0]),
            );
            foreach (BoatOffer::make()['holders'] as $place => $holder) {
                $boat->holders()->create(['place' => $place] + $holder);
            }
            StarterLocker::stowGear($boat);
            DemoTackle::stowLures($boat);
            $this->ground($boat);
            $today = CarbonImmutable::today();
            $this->bites(self::trip($boat, $today->subDays(3), 'Dunmarl Bank', 4, self::THREE_DAYS_BACK), $boat);
            $this->prepared(self::trip($boat, $today->addDay(), 'Dunmarl Bank', 5), $today);
        });
    }

    /** @param  array<int, int>  $temperatures  °F by ft */
    public static function trip(
        Boat $boat, CarbonImmutable $date, string $ground, int $anglers, array $temperatures = self::TOMORROW,
    ): Trip {
        $trip = $boat->trips()->create([
            'date' => $date->format('Y-m-d'), 'lines_in' => '06:15', 'back_by' => '12:30', 'ground' => $ground,
            'anglers' => $anglers,
            'lines_per_angler' => 3, 'limit_source' => 'harbour board, Quillhaven',
            'limits_looked_up' => $date->subDays(2)->format('Y-m-d'),
            'species' => ['king', 'lake_trout'], 'bottom' => 118 * Units::FOOT,
            'port' => 'Quillhaven', 'run' => 6.5 * Units::MILE, 'latitude' => self::LATITUDE, 'longitude' => -38.42, 'crew' => 2,
            'catch_limits' => [
                ['species' => 'king', 'bag' => 3, 'least_length' => 15 * 0.0254],
                ['species' => 'lake_trout', 'bag' => 2, 'least_length' => null],
            ],
        ]);
        $trip->bands()->createMany([
            ['species' => 'king', 'top' => 46 * Units::FOOT, 'bottom' => 74 * Units::FOOT],
            ['species' => 'lake_trout', 'top' => 92 * Units::FOOT, 'bottom' => 114 * Units::FOOT],
        ]);
        foreach ($temperatures as $feet => $fahrenheit) {
            $trip->temperatures()->create(['depth' => $feet * Units::FOOT, 'celsius' => ($fahrenheit - 32) / 1.8]);
        }
        $spread = $trip->spreads()->create(['name' => 'Plan', 'speed' => 2.3 * Units::MPH]);
        $spread->lines()->createMany(DemoTackle::lines($boat));

        return $trip;
    }

    /** The bottom off Quillhaven, and what the captain knows of it. */
    private function ground(Boat $boat): void
    {
        $file = json_decode((string) file_get_contents(resource_path('charts/vessamer-sea.json')), true);
        $chart = $boat->chart()->make([
            'name' => $file['name'],
            'source' => $file['source'],
            'grid' => array_intersect_key($file, ['south' => 0, 'west' => 0, 'step' => 0, 'rows' => 0]),
        ]);
        $chart->fill(['drawn' => Chart::drawn($chart->bottom(), Units::from($boat->units))])->save();
        foreach ([
            ['Dunmarl Bank', 'hump', [[45.316, -38.437]]],
            ['Gannet Rise', 'hump', [[45.26, -38.5]]],
            ['Quillhaven Point', 'point', [[45.375, -38.345]]],
            [
                'West wall of the bank',
                'edge',
                [[45.298, -38.456], [45.306, -38.457], [45.316, -38.456], [45.326, -38.452], [45.334, -38.445]],
            ],
        ] as [$name, $kind, $places]) {
            $boat->structures()->create(
                ['name' => $name, 'kind' => $kind, 'places' => $places, 'source' => 'drawn', 'made_at' => CarbonImmutable::now()],
            );
        }
    }

    /** The evening before: a forecast read, guests named, some chores done. */
    private function prepared(Trip $trip, CarbonImmutable $today): void
    {
        $forecast = ForecastFile::read((string) file_get_contents(resource_path('forecasts/turning-at-noon.json')), false);
        $trip->update([
            'temperatures_source' => 'probe on P5, last evening',
            'signs' => [
                'clarity' => 'clear',
                'forage' => 'slender',
                'sky' => 'broken',
                'surface' => 'ripple',
                'current_surface' => 0.2 * Units::MPH,
                'current_deep' => 0.2 * Units::MPH,
            ],
            'guests' => ['Maren', 'Tobin', 'Ysolde', 'Pell', 'Ansgar'],
            'forecast' => [
                'source' => $forecast['source'], 'issued' => $forecast['issued'],
                'entered_at' => CarbonImmutable::now()->subHours(2)->toIso8601ZuluString(),
                'hours' => array_map(get_object_vars(...), $forecast['hours']),
            ],
        ]);
        foreach ([
            [58, 5, false, 'large'],
            [63, 3, false, 'medium'],
            [66, 4, true, 'medium'],
            [22, 2, false, 'small'],
            [117.5, 6, false, 'large'],
        ] as [$feet, $count, $tight, $size]) {
            $trip->marks()->create(
                [
                    'depth' => $feet * Units::FOOT,
                    'count' => $count,
                    'tight' => $tight,
                    'size' => $size,
                    'marked_at' => $today->addHours(18),
                ],
            );
        }
        foreach (['stores', 'fuel', 'leaders'] as $key) {
            $trip->chores()->create(['key' => $key, 'done_at' => $today->addHours(20)]);
        }
        $trip->chores()->create(
            ['key' => 'own bakery', 'what' => 'Bread from the baker’s', 'at' => 285, 'minutes' => 15, 'owner' => 'mate'],
        );
    }

    private function bites(Trip $trip, Boat $boat): void
    {
        $spread = Spread::query()->whereBelongsTo($trip)->with('lines')->firstOrFail();
        $lines = $spread->rows();
        $linesIn = CarbonImmutable::parse($trip->date->format('Y-m-d').' '.$trip->lines_in, $boat->timezone);
        foreach (self::BITES as [$minutes, $holder, $species, $outcome, $inches, $pounds]) {
            $at = (float) $linesIn->addMinutes($minutes)->format('U');
            $bite = (string) Str::uuid();
            $kind = EventKind::ofOutcome(Outcome::from($outcome));
            $fish = [
                'species' => $species, 'length' => $inches === null ? null : $inches * 0.0254,
                'weight' => $pounds === null ? null : $pounds * Units::POUND,
            ];
            EventLog::of($trip)->keep(
                Device::laptop(resolve(LaptopName::class)->told())->name,
                new Telling(new Event($bite, EventKind::Bite, $at, $holder), $at, $spread->id, LineSnapshot::take(
                    $boat, $trip, $lines, new Conditions($spread->speed), null, $trip->bottom,
                    $boat->holders()->where('code', $holder)->firstOrFail()->id,
                )),
                new Telling(new Event((string) Str::uuid(), $kind, $at, of: $bite), $at, $spread->id, array_filter(
                    $fish, static fn (mixed $figure): bool => $figure !== null,
                )),
            );
        }
    }
}
