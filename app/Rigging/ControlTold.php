<?php

declare(strict_types=1);

namespace App\Rigging;

use Admek\Core\Tackle\Rigs\Control;

/** A rig's control as it is told, in its own unit (docs/openapi.yaml, Control). */
final class ControlTold
{
    /** @return array{
     *     kind: string, value: float, least: float, most: float, step: float, metric_step: float, figure: string, deepens: bool,
     *     emptied: ?string,
     * }
     */
    public static function of(Control $control): array
    {
        return [
            'kind' => $control->kind->value, 'value' => $control->value, 'least' => $control->least, 'most' => $control->most,
            'step' => $control->step, 'metric_step' => $control->metricStep, 'figure' => $control->kind->figure(),
            'deepens' => $control->deepens, 'emptied' => $control->emptied,
        ];
    }
}
