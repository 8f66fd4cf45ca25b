<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\Files\Table;
use Admek\Core\Spread\Run\RunningLine;
use Admek\Core\Spread\Run\SpreadSolver;
use Admek\Core\Tackle\Catalogue\RulesOfThumb;
use Admek\Core\Tackle\Described\DescribedLine;
use Admek\Core\Tackle\Rigs\ControlKind;
use Admek\Core\Units\Units;
use App\Models\Boat;
use App\Models\Spread;
use App\Rigging\Locker;

/** The table of depths, as text in the captain's units. */
final class DepthTable
{
    private const HEADINGS = [
        'rod',
        'presentation',
        'lure',
        'set',
        'set unit',
        'depth',
        'or shallower by',
        'or deeper by',
        'rule of thumb',
        'back',
        'to starboard',
    ];

    /** RFC 4180; lengths in the boat's units, which the headings name. */
    public static function csv(Spread $spread, Boat $boat): string
    {
        $trip = $spread->trip()->firstOrFail();
        $plan = Locker::of($boat->asOn($trip), $trip)->plan($spread->rows());
        $running = (new SpreadSolver)->all(
            $plan->lines, $trip->conditions($spread->speed),
        );
        $out = fopen('php://memory', 'w+');
        assert($out !== false);
        $unit = $boat->units === 'metric' ? 'm' : 'ft';
        fputcsv(
            $out,
            array_map(
                static fn (string $heading): string => in_array(
                    $heading, ['rod', 'presentation', 'lure', 'set', 'set unit'], true,
                ) ? $heading : "{$heading}, {$unit}",
                self::HEADINGS,
            ),
            escape: '',
            eol: "\r\n",
        );
        foreach (self::rows($running, $plan->described, $boat->units === 'metric', $boat->rulesOfThumb()) as $row) {
            fputcsv($out, $row, escape: '', eol: "\r\n");
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /**
     * @param  list<RunningLine>  $running
     * @param  list<DescribedLine>  $described  the same lines
     * @return list<list<string>>
     */
    public static function rows(array $running, array $described, bool $metric, ?RulesOfThumb $rules = null): array
    {
        $length = static fn (?float $metres): string => $metres === null ? '' : sprintf(
            '%.1f', $metric ? $metres : $metres / Units::FOOT,
        );
        $rows = [];
        foreach ($running as $i => $line) {
            $control = $line->planned->rig->control();
            [$aft, $starboard, $depth] = $line->lure();
            $colours = $control->kind === ControlKind::Colours;
            $rows[] = [
                Table::named($line->planned->holder), $described[$i]->presentation->value,
                Table::named($described[$i]->lure->name),
                $colours ? sprintf('%g', round($control->value, 2)) : $length($control->value),
                $colours ? 'colours' : ($metric ? 'm' : 'ft'),
                $length($depth), $length($line->doubt?->shallower), $length($line->doubt?->deeper),
                $length($line->planned->rig->ruleOfThumb($rules)?->depth), $length($aft), $length($starboard),
            ];
        }

        return $rows;
    }

    /** @return list<string> */
    public static function headings(): array
    {
        return self::HEADINGS;
    }
}
