<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/** Another device comes aboard by the code the laptop shows. */
trait LetsDevicesIn
{
    /** @param  'captain'|'mate'|'guest'  $role */
    private function comeAboard(Browser $phone, string $role, string $name, bool $bySquare = false): void
    {
        $this->visit('/devices');
        $this->click('label', $role);
        $this->click('button', 'Show a code');
        $code = str_replace(' ', '', $this->see('[data-testid=code] .code')->getText());
        if ($bySquare) {
            // What the square says is said beside it for those who cannot see it.
            $said = (string) $this->see('[data-testid=code] svg')->getAttribute('aria-label');
            self::assertMatchesRegularExpression("~http://second-lamp.test:\\d+/#/aboard/{$code}$~", $said);
            $phone->driver->get(substr($said, (int) strpos($said, 'http://')));
        } else {
            $this->visit('/', $phone);
            $this->fill('main input', "{$code[0]}{$code[1]}{$code[2]} ".substr($code, 3), $phone);
        }
        $field = $this->see('main form div:nth-of-type(2) input', browser: $phone);
        $field->clear();
        $field->sendKeys($name);
        $this->click('button', 'Come aboard', $phone);
        $this->see('nav', browser: $phone);
        $this->see('[data-device="'.$name.'"]');
    }
}
