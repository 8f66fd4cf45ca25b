<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Which room may know of which, held by phpstan: of each list a room knows only those before it. */
final class Layers
{
    private const CORE = [
        'Units', 'Numerics', 'Rules', 'Towing', 'Tackle', 'Boat', 'Fish', 'Ground', 'Records', 'Patterns', 'Spread', 'TrueUp',
        'Trip', 'Water', 'Day', 'Manoeuvres', 'Drills', 'Instruments', 'Books', 'Files',
    ];

    private const SPREAD = ['Plan', 'Run', 'Check', 'Cure', 'Card', 'Drafting'];

    private const APP = [
        'Database', 'Devices', 'Models', 'Access', 'Forecasts', 'Instruments', 'Rigging', 'Outfitting', 'Preparing',
        'Reading', 'Days', 'Files', 'Http', 'Serving', 'Console', 'Providers',
    ];

    private const HTTP = [
        'Asked', 'Boat', 'Locker', 'Days', 'Instruments', 'Trips', 'Water', 'Ground', 'Previews', 'Spreads', 'Devices',
        'Middleware',
    ];

    public function test_core_knows_nothing_of_the_framework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Admek\Core'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App'),
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('Carbon'),
            )
            ->because('the rules of the job are plain PHP');
    }

    public function test_parts_are_not_asked_what_is_made_of_them(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Admek\Core\Tackle\Parts'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Admek\Core\Tackle\Catalogue'))
            ->because('a part is the same in every rig');
    }

    /** @return iterable<string, Rule> */
    public function test_core_has_no_cycles(): iterable
    {
        yield from self::inOrder('Admek\Core', self::CORE);
    }

    /** @return iterable<string, Rule> */
    public function test_spreads_have_no_cycles(): iterable
    {
        yield from self::inOrder('Admek\Core\Spread', self::SPREAD);
    }

    /** @return iterable<string, Rule> */
    public function test_what_is_internal_to_a_room_is_used_in_it_alone(): iterable
    {
        foreach (['Towing', 'Spread\Check', 'TrueUp', 'Patterns', 'Files', 'Instruments', 'Day'] as $name) {
            $room = "Admek\\Core\\{$name}";
            yield $room => PHPat::rule()
                ->classes(Selector::AllOf(
                    Selector::AnyOf(Selector::inNamespace('Admek\Core'), Selector::inNamespace('App')),
                    Selector::Not(Selector::inNamespace($room)),
                ))
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace("{$room}\\Internal"))
                ->because('its own room answers for it');
        }
    }

    /** @return iterable<string, Rule> */
    public function test_app_has_no_cycles(): iterable
    {
        yield from self::inOrder('App', self::APP);
    }

    /** @return iterable<string, Rule> */
    public function test_http_has_no_cycles(): iterable
    {
        yield from self::inOrder('App\Http', self::HTTP);
    }

    /**
     * @param  list<string>  $rooms  the lowest first
     * @return iterable<string, Rule>
     */
    private static function inOrder(string $within, array $rooms): iterable
    {
        foreach ($rooms as $i => $room) {
            $above = array_slice($rooms, $i + 1);
            if ($above !== []) {
                yield $room => PHPat::rule()
                    ->classes(Selector::inNamespace("{$within}\\{$room}"))
                    ->shouldNotDependOn()
                    ->classes(...array_map(static fn (string $other) => Selector::inNamespace("{$within}\\{$other}"), $above))
                    ->because('dependencies point one way');
            }
        }
    }
}
