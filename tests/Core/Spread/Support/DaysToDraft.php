<?php

declare(strict_types=1);

namespace Tests\Core\Spread\Support;

use Admek\Core\Books\Book;
use Admek\Core\Fish\Species;
use Admek\Core\Spread\Check\Bottom;
use Admek\Core\Spread\Check\SpreadLimits;
use Admek\Core\Spread\Drafting\DraftBand;
use Admek\Core\Spread\Drafting\DraftTask;
use Admek\Core\Spread\Plan\Conditions;
use Admek\Core\Tackle\Parts\Material;
use Admek\Core\Water\Band;
use Admek\Core\Water\Box\WaterLeader;
use Admek\Core\Water\Pace;
use Admek\Core\Water\Promise;
use Admek\Core\Water\Signs\WaterSigns;
use Admek\Core\Water\TargetBands;

/** A boat of twelve rods and a mixed box, to draft for a day as its water reads. */
trait DaysToDraft
{
    use DraftTasks;

    private const ALL = ['P1', 'P2', 'P3', 'P4', 'P5', 'C1', 'C2', 'S5', 'S4', 'S3', 'S2', 'S1'];

    private const GEAR = [
        'lure' => [
            ['name' => 'spoon', 'kind' => 'medium_spoon', 'finish' => 'silver'],
            ['name' => 'small spoon', 'kind' => 'small_spoon', 'finish' => 'silver'],
            ['name' => 'bait', 'kind' => 'rigged_bait', 'finish' => 'natural'],
            ['name' => 'minnow', 'kind' => 'small_minnow', 'finish' => 'natural'],
            ['name' => 'plug', 'kind' => 'deep_plug', 'finish' => 'orange'],
            ['name' => 'harness', 'kind' => 'worm_harness', 'finish' => 'copper'],
            ['name' => 'slow hook', 'kind' => 'slow_spin_hook', 'finish' => 'plain'],
            ['name' => 'bucktail', 'kind' => 'bucktail', 'finish' => 'black'],
            ['name' => 'big plug', 'kind' => 'big_plug', 'finish' => 'perch'],
        ],
    ];

    /** @param  array<string, string>  $schools */
    private function dayTask(WaterSigns $signs, Species $species, int $most, array $schools = []): DraftTask
    {
        $rules = Book::Reading->of();
        $bands = (new TargetBands($signs, Book::Habits->of(), $rules))->for([$species]);
        $promise = new Promise($signs, $bands, $rules, $schools);
        $leader = WaterLeader::of($signs, $rules, $schools);
        $usual = $this->task(self::ALL, [[1.0, 5.0, 1.0]], 30.0, $most, self::GEAR);
        $pace = Pace::of([$species], $bands, $signs, Book::Habits->of(), $rules);

        return new DraftTask(
            array_map(static fn (Band $band): DraftBand => new DraftBand(
                $band->species, $band->top, $band->bottom, $band->weight, $promise->prospect($band),
            ), $bands) ?: self::fail('a day has a band'),
            $usual->holders, $usual->gear, new Conditions($pace->at ?? 2.3 * Lines::MPH),
            new SpreadLimits($most, Bottom::flat($signs->bottom ?? 30.0)), $most,
            leader: $leader?->length, leaderMaterial: $leader->material ?? Material::Fluorocarbon,
        );
    }
}
