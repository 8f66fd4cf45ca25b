<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Tests\Support\Running\Wait;

/** Fields by what stands beside them. */
trait FieldsByLabel
{
    private function labelled(string $label, string $text): void
    {
        $field = null;
        Wait::until(function () use ($label, &$field): bool {
            $field = $this->js(
                'return [...document.querySelectorAll("label")].find((e) => e.textContent.trim() === arguments[0] && e.htmlFor '
                    .'&& e.offsetParent)?.htmlFor',
                $label,
            );

            return is_string($field);
        }, "a field labelled {$label}");
        $this->fill("[id=\"{$field}\"]", $text);
    }
}
