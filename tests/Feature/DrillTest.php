<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Drills\DrillKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Support\FeatureTestCase;

/** Drills taken, graded and scored. */
final class DrillTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    public function test_there_are_at_least_twelve_and_one_to_take_next(): void
    {
        $drills = $this->send('GET', '/drills', expect: 200)->json();
        self::assertGreaterThanOrEqual(12, count($drills['kinds']));
        self::assertContains($drills['next']['kind'], array_column($drills['kinds'], 'kind'));
        self::assertSame([], $drills['scores']);
        $seeds = [];
        for ($i = 0; $i < 4; $i++) {
            $seeds[] = $this->send('GET', '/drills', expect: 200)->json('next.seed');
        }
        self::assertGreaterThan(1, count(array_unique($seeds)), 'none is learnt by heart');
    }

    /** @return iterable<string, array{DrillKind}> */
    public static function moving(): iterable
    {
        foreach ([DrillKind::FirstToClear, DrillKind::WhichSide, DrillKind::Gust] as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('moving')]
    public function test_its_lines_are_seen_in_motion(DrillKind $kind): void
    {
        $drill = $this->send('GET', "/drills/{$kind->value}/7", expect: 200)->json();
        self::assertArrayNotHasKey('right', $drill['answers'][0], 'it does not tell');
        $whole = $this->send('POST', "/drills/{$kind->value}/7/answers", [
            'who' => 'Ann', 'answer' => $drill['answers'][0]['key'], 'after' => 3.0,
        ], 200)->json('motion');

        self::assertNotSame([], $drill['motion']['lines']);
        self::assertLessThan($whole['lasts'], $drill['motion']['lasts'], 'how it begins, and no more');
        self::assertSame($drill['motion']['lines'][0]['frames'][2], $whole['lines'][0]['frames'][2]);
        $depths = array_column($whole['lines'][0]['frames'], 'depth');
        self::assertGreaterThan(1, count(array_unique($depths)), 'it moves');
    }

    public function test_an_answer_is_graded_with_its_reason_and_the_first_one_counts(): void
    {
        $path = '/drills/goes_back/3';
        $right = DrillKind::GoesBack->of(3)->best()[0]->key;
        $wrong = array_values(array_diff(['back', 'keep', 'not'], [$right]))[0];
        $graded = $this->send('POST', "{$path}/answers", ['who' => 'Ann', 'answer' => $wrong, 'after' => 4.0], 200)->json();
        self::assertSame([false, 0], [$graded['right'], $graded['points']]);
        self::assertSame([$right], array_keys(array_filter(array_column($graded['answers'], 'right', 'key'))));
        self::assertNotSame('', $graded['answers'][0]['why']);

        $this->send('POST', "{$path}/answers", ['who' => 'Ann', 'answer' => $right, 'after' => 1.0], 200);
        $scores = $this->send('POST', "{$path}/answers", ['who' => 'Ben', 'answer' => $right, 'after' => 0.0], 200)
            ->json('scores');
        self::assertSame([
            ['who' => 'Ben', 'taken' => 1, 'right' => 1, 'points' => 10],
            ['who' => 'Ann', 'taken' => 1, 'right' => 0, 'points' => 0],
        ], $scores);
        $late = $this->send('POST', '/drills/ticks/3/answers', ['who' => 'Ben', 'answer' => null, 'after' => 30], 200);
        self::assertSame([false, 0], [$late->json('right'), $late->json('points')]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        $good = ['who' => 'Ann', 'answer' => 'back', 'after' => 3.0];
        yield 'no name' => [['who' => ''] + $good, 'who'];
        yield 'a long name' => [['who' => str_repeat('a', 41)] + $good, 'who'];
        yield 'no such answer' => [['answer' => 'perhaps'] + $good, 'answer'];
        yield 'before it was asked' => [['after' => -1] + $good, 'after'];
        yield 'too long after' => [['after' => 3601] + $good, 'after'];
    }

    /** @param  array<string, mixed>  $answer */
    #[DataProvider('bad')]
    public function test_a_bad_answer_is_told_by_its_field(array $answer, string $field): void
    {
        $problem = $this->send('POST', '/drills/goes_back/3/answers', $answer, 422)->json();
        self::assertStringContainsString($field, json_encode($problem, JSON_THROW_ON_ERROR));
        self::assertSame([], $this->send('GET', '/drills', expect: 200)->json('scores'));
    }

    public function test_there_is_no_drill_of_another_name(): void
    {
        $this->send('GET', '/drills/knots/3', expect: 404);
    }
}
