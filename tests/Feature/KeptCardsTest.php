<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Rigging\CardShelf;
use App\Rigging\Shelf;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Support\Sqlite;

/** A deck card that was worked out is handed out again until anything it follows from changes. */
final class KeptCardsTest extends FeatureTestCase
{
    private Shelf $shelf;

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
        $this->shelf = new Shelf("{$this->database}.kept", 'cards', CardShelf::MOST);
        $this->app->instance(CardShelf::class, new CardShelf($this->shelf));
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        @unlink("{$this->database}.kept");
    }

    public function test_the_same_card_is_made_once_and_any_other_anew(): void
    {
        $card = function (): string {
            $answer = (string) $this->send('GET', '/spreads/{next}/deck-card', expect: 200)->getContent();
            $this->shelf->write();

            return $answer;
        };
        $made = fn (): int => (int) Sqlite::value("{$this->database}.kept", 'select count(*) from cards');
        $first = $card();
        self::assertSame($first, $card());
        self::assertSame(1, $made());
        $spread = $this->demoSpread();
        foreach ([
            'a line' => fn () => DB::table('spread_lines')->where('spread_id', $spread['id'])->whereNotNull('let_out')
                ->limit(1)->increment('let_out', 1.0),
            'the speed' => fn () => DB::table('spreads')->where('id', $spread['id'])->update(['speed' => 1.2]),
            'the school' => fn () => DB::table('spreads')->where('id', $spread['id'])->update(['school' => 'riggers_first']),
            'the bottom' => fn () => $this->demoTrip()->update(['bottom' => 20.0]),
            'the water' => fn () => $this->demoTrip()->update(['water' => 'salt']),
            'a reel’s counter' => fn () => DB::table('reels')->update(['counter_factor' => 1.1]),
            'a rule' => fn () => $this->send('PUT', '/boat/books/spread', ['own' => ['wander' => 0.5]]),
        ] as $what => $change) {
            $before = $made();
            $change();
            $card();
            self::assertSame($before + 1, $made(), $what);
        }
    }
}
