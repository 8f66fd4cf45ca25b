<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Tests\Support\Running\Wait;

/** What happened to a line, told on Watch. */
trait TapsRods
{
    /** Two taps: the rod, and what happened to it. */
    private function act(Browser $device, string $rod, string $what): void
    {
        // As a thumb brings it up from under the foot of a phone.
        Wait::until(function () use ($device, $rod): bool {
            $shown = $this->see("[data-rod={$rod}]", browser: $device);
            $device->driver->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$shown]);
            $this->click("[data-rod={$rod}]", browser: $device);

            // Advice that comes just then moves the rods, and another is tapped.
            return $this->see("[data-rod={$rod}]", browser: $device)->getAttribute('aria-pressed') === 'true';
        }, "{$rod} to be chosen");
        $this->click("[data-act={$what}]", browser: $device);
    }
}
