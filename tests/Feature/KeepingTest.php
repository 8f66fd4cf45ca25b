<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gear\Lure;
use Illuminate\Support\Facades\DB;
use PDO;
use Tests\Feature\Support\FeatureTestCase;

/** A change that cannot be kept is said in plain words, and nothing of it stays. */
final class KeepingTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    public function test_while_another_change_is_being_kept_one_is_told_to_try_again(): void
    {
        DB::statement('pragma busy_timeout = 20');
        $other = new PDO("sqlite:{$this->database}");
        $other->exec('begin immediate');
        $this->refused(503, 'try again');
        $this->send('GET', '/locker', expect: 200);
        $this->send('POST', '/spreads/{next}/preview', $this->demoSpread(), 200);
        $other->exec('rollback');

        $this->send('POST', '/locker/lures', $this->lure('Borrowed'), 201);
    }

    public function test_a_full_disk_is_said_and_what_was_there_stays(): void
    {
        $pages = (int) DB::scalar('pragma page_count');
        DB::statement("pragma max_page_count = {$pages}");
        $trip = $this->send('GET', '/trips/{next}', expect: 200)->json();
        $this->refused(507, 'full', str_repeat('x', 60), 400);
        self::assertSame($trip, $this->send('GET', '/trips/{next}', expect: 200)->json());

        DB::statement('pragma max_page_count = 1000000');
        $this->send('POST', '/locker/lures', $this->lure('Borrowed'), 201);
    }

    public function test_data_that_may_not_be_written_is_said(): void
    {
        DB::statement('pragma query_only = 1');
        $this->refused(507, 'may not be written');
    }

    /** Asserts that one of so many new lures is refused so, and that it is not kept. */
    private function refused(int $status, string $said, string $name = 'Borrowed', int $tries = 1): void
    {
        for ($i = 0; $i < $tries; $i++) {
            $lure = $this->lure("{$i}".substr($name, 0, 50));
            $answer = $this->json('POST', '/api/locker/lures', $lure);
            if ($answer->getStatusCode() !== 201) {
                break;
            }
        }
        self::assertTrue(isset($answer, $lure));
        self::assertSame($status, $answer->getStatusCode(), (string) $answer->getContent());
        self::assertStringContainsString($said, (string) $answer->json('detail'));
        self::assertFalse(Lure::query()->where('name', $lure['name'])->exists());
    }

    /** @return array<string, string> */
    private function lure(string $name): array
    {
        return ['name' => $name, 'kind' => 'medium_spoon', 'finish' => str_repeat('copper', 6)];
    }
}
