<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Towing\Doubt\DepthDoubt;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;
use App\Rigging\DoubtShelf;
use App\Rigging\Shelf;
use Bench\Spreads;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The ± of a line that has not changed is found again, and of one that has it is not. */
final class KeptDoubtsTest extends TestCase
{
    private string $file;

    protected function setUp(): void
    {
        $this->file = sys_get_temp_dir().'/admek-doubts-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->file}*") ?: []);
    }

    public function test_another_worker_finds_each_figure_of_it(): void
    {
        [$line] = Spreads::ofLines(1);
        $file = $this->file();
        $shelf = new DoubtShelf($file);
        $reckoned = (new SpreadSolver(kept: $shelf))->run($line, new Conditions(1.0))->doubt;
        $file->write();

        self::assertEquals((new SpreadSolver)->run($line, new Conditions(1.0))->doubt, $reckoned);
        self::assertEquals([$reckoned?->figures()], $this->kept());
        $other = new SpreadSolver(kept: new DoubtShelf($this->file()));
        self::assertEquals($reckoned, $other->run($line, new Conditions(1.0))->doubt);

        // What lies on the shelf is what is told, not worked out once more.
        $this->sql('update doubts set made = \'[1.5,1.0,2.0,{"speed":1.5}]\'');
        $found = (new SpreadSolver(kept: new DoubtShelf($this->file())))->run($line, new Conditions(1.0))->doubt;
        self::assertSame([1.5, 1.0, 2.0, ['speed' => 1.5]], $found?->figures());
    }

    public function test_whatever_changes_it_is_worked_out_anew(): void
    {
        [$line] = Spreads::ofLines(1);
        $file = $this->file();
        $shelf = new DoubtShelf($file);
        $solver = new SpreadSolver(kept: $shelf);
        $control = $line->rig->control();
        foreach ([
            [$line, new Conditions(1.0)],
            [$line, new Conditions(1.001)],
            [$line, new Conditions(1.0, new Turn(150.0, Side::Port))],
            [$line, new Conditions(1.0, new Turn(150.0, Side::Starboard))],
            [$line, new Conditions(1.0, density: 1025.0)],
            [$line->withControl($control->value - 0.1), new Conditions(1.0)],
            [$line, new Conditions(1.0)],
        ] as [$asked, $conditions]) {
            $solver->run($asked, $conditions);
            $file->write();
        }
        self::assertCount(6, $this->kept(), 'each its own, and the first one once');
    }

    /** @return iterable<string, array{string}> */
    public static function unusable(): iterable
    {
        yield 'in a folder there is not' => ['/nowhere/at/all/doubts'];
        yield 'a folder' => [sys_get_temp_dir()];
        yield 'no database' => [__FILE__];
    }

    #[DataProvider('unusable')]
    public function test_where_nothing_can_be_kept_it_is_worked_out(string $path): void
    {
        [$line] = Spreads::ofLines(1);
        $file = new Shelf($path, 'doubts', DoubtShelf::MOST);
        $shelf = new DoubtShelf($file);
        $doubt = (new SpreadSolver(kept: $shelf))->run($line, new Conditions(1.0))->doubt;
        $file->write();
        self::assertEquals((new SpreadSolver)->run($line, new Conditions(1.0))->doubt, $doubt);
    }

    public function test_the_oldest_give_way(): void
    {
        $file = $this->file();
        $shelf = new DoubtShelf($file);
        $doubt = DepthDoubt::ofFigures([1.0, 1.0, 1.0, []]);
        for ($i = 0; $i < DoubtShelf::MOST + 100; $i++) {
            $shelf->keep("line {$i}", $doubt);
        }
        $file->write();
        $other = new DoubtShelf($this->file());
        self::assertNull($other->find('line 0'));
        self::assertEquals($doubt, $other->find('line '.(DoubtShelf::MOST + 99)));
        self::assertCount(DoubtShelf::MOST, $this->kept());
    }

    private function file(): Shelf
    {
        return new Shelf($this->file, 'doubts', DoubtShelf::MOST);
    }

    /** @return list<mixed> */
    private function kept(): array
    {
        return array_map(
            static fn (mixed $figures): mixed => json_decode(is_string($figures) ? $figures : '', true),
            $this->sql('select made from doubts order by id'),
        );
    }

    /** @return list<mixed> */
    private function sql(string $statement): array
    {
        $answer = (new PDO("sqlite:{$this->file}"))->query($statement);

        return $answer === false ? [] : array_values($answer->fetchAll(PDO::FETCH_COLUMN));
    }
}
