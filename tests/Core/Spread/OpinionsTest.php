<?php

declare(strict_types=1);

namespace Tests\Core\Spread;

use Admek\Core\InvalidValue;
use Admek\Core\Records\Sounding;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Spread\Run\Difference;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\RuleOfThumb;
use Admek\Core\Towing\Side;
use Admek\Core\Towing\TowSolver;
use Admek\Core\Towing\Turn;
use Admek\Core\Units\Sentence;
use Admek\Core\Units\Units;
use PHPUnit\Framework\TestCase;
use Tests\Core\Spread\Support\Lines;

final class OpinionsTest extends TestCase
{
    public function test_where_model_and_rule_agree_within_the_doubt_there_is_nothing_to_explain(): void
    {
        $conditions = new Conditions(2.0 * Lines::MPH);
        $line = $this->run1('core', [], $conditions);

        self::assertSame([], Difference::between($line, new RuleOfThumb($line->depth() + 0.1, 'near'), $conditions));
    }

    public function test_speed_explains_a_core_that_runs_above_its_rule(): void
    {
        $conditions = new Conditions(3.2 * Lines::MPH);
        $line = $this->run1('core', [], $conditions);
        $rule = $line->planned->rig->ruleOfThumb();
        self::assertNotNull($rule);
        $why = Difference::between($line, $rule, $conditions);

        self::assertSame(['speed'], array_map(static fn (Difference $d): string => $d->cause, $why));
        self::assertEqualsWithDelta($this->run1('core', [], new Conditions(2.0 * Lines::MPH))->depth(), $why[0]->depth, 1e-6);
        self::assertEqualsWithDelta(2.0 * Lines::MPH, $why[0]->figure, 1e-9);
    }

    public function test_blow_back_explains_a_ball_above_its_counter(): void
    {
        $conditions = new Conditions(3.5 * Lines::MPH);
        $line = $this->run1('rigger', ['let_out' => 60.0, 'attractor' => 'large_flasher', 'lead' => 3.0], $conditions);
        $rule = $line->planned->rig->ruleOfThumb();
        self::assertNotNull($rule);
        $why = Difference::between($line, $rule, $conditions);

        self::assertSame('blow_back', $why[0]->cause);
        self::assertEqualsWithDelta(60.0 - $line->solution->bodies['ball'][2], $why[0]->figure, 1e-9);
    }

    public function test_a_turn_and_thicker_line_are_told_when_they_pull_the_right_way(): void
    {
        $plug = [
            'lure' => [
                'name' => 'plug',
                'kind' => 'deep_plug',
                'rated' => ['depth' => 4.5, 'lead' => 30.0, 'line_diameter' => 0.00025, 'speed' => 2.0 * Lines::MPH],
            ],
        ];
        $thick = ['reel' => ['name' => 'n', 'material' => 'nylon', 'test' => 30]] + $plug;
        $conditions = new Conditions(2.0 * Lines::MPH);
        $line = $this->run1('flat', $thick, $conditions);
        $rule = $line->planned->rig->ruleOfThumb();
        self::assertNotNull($rule);
        self::assertContains(
            'line', array_map(static fn (Difference $d): string => $d->cause, Difference::between($line, $rule, $conditions)),
        );

        $turning = new Conditions(2.3 * Lines::MPH, new Turn(25.0, Side::Port));
        $inside = $this->run1('core', [], $turning);
        $straight = $this->run1('core', [], $turning->turning(null));
        self::assertContains(
            'turn',
            array_map(
                static fn (Difference $d): string => $d->cause,
                Difference::between($inside, new RuleOfThumb($straight->depth(), 'straight'), $turning),
            ),
        );
    }

    public function test_what_is_said_of_model_and_rule_and_of_the_doubt(): void
    {
        $conditions = new Conditions(3.2 * Lines::MPH);
        $core = $this->run1('core', [], $conditions);
        $rule = $core->planned->rig->ruleOfThumb() ?? self::fail('core has one');
        $why = Difference::between($core, $rule, $conditions);
        self::assertMatchesRegularExpression(
            '/^Speed: the rule is told for 2 mph, where the model gives \d+ ft\.$/',
            Difference::told($why, $core, $rule)->in(Units::Us),
        );
        self::assertSame(
            'Model and rule agree within the doubt.',
            Difference::told([], $core, new RuleOfThumb($core->depth(), ''))->in(Units::Us),
        );
        self::assertStringStartsWith(
            'The rule knows nothing', Difference::told([], $core, new RuleOfThumb(90.0, ''))->in(Units::Us),
        );
        self::assertMatchesRegularExpression(
            '/^The ± is made of [a-z’ ]+ [\d.]+ ft, [a-z’ ]+ [\d.]+ ft, [a-z’ ]+ [\d.]+ ft\.$/',
            $core->doubt?->reason()?->in(Units::Us) ?? '',
        );
        $both = Sentence::all([Sentence::of('A {x}.', ['x' => 1]), Sentence::of('B {x}.', ['x' => 2])]);
        self::assertSame('A 1. B 2.', $both->in(Units::Us), 'each keeps its own figures');
    }

    public function test_a_sounding_is_of_a_depth_there_is(): void
    {
        $this->expectException(InvalidValue::class);
        new Sounding(0.1, 10.0, 1.0);
    }

    public function test_the_loads_along_a_line_add_up_to_its_pull_at_the_tip(): void
    {
        $conditions = new Conditions(2.3 * Lines::MPH);
        foreach (['rigger', 'diver', 'core', 'clip', 'dropper', 'bouncer'] as $kind) {
            $line = $this->run1($kind, [], $conditions);
            $loads = (new TowSolver)->loads($conditions->water(), null, $line->planned->towLine());
            $sum = [0.0, 0.0, 0.0];
            foreach ($loads as $load) {
                $sum = [$sum[0] + $load->force[0], $sum[1] + $load->force[1], $sum[2] + $load->force[2]];
            }
            $last = $loads[count($loads) - 1];
            self::assertEqualsWithDelta(
                $line->solution->towTension, sqrt($sum[0] ** 2 + $sum[1] ** 2 + $sum[2] ** 2), 1e-3, $kind,
            );
            self::assertEqualsWithDelta($line->solution->towTension, $last->tension, 1e-3, $kind);
            self::assertEqualsWithDelta($line->planned->tip[2], $last->depth, 2e-3, "{$kind}: it ends at the rod tip");
            self::assertCount(count($line->planned->towLine()->chain), $loads);
        }
    }

    /** @param  array<string, mixed>  $change */
    private function run1(string $kind, array $change, Conditions $conditions): RunningLine
    {
        return (new SpreadSolver)->run(Lines::planned([Lines::line('P5', $kind, $change)])[0], $conditions);
    }
}
