<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\FieldsByLabel;
use Tests\Support\Running\Wait;

/** The ground of an evening: edges followed, structure laid, both screens on a tablet. */
final class GroundEveningTest extends BrowserTestCase
{
    use FieldsByLabel;

    public function test_an_edge_is_followed_on_the_chart_and_planned_on(): void
    {
        $this->visit('/trips/{next}/water');
        $this->click('header a', 'The ground');
        $this->see('svg[aria-label^="Chart of Vessamer Sea"]');
        $this->tapChart(0.55, 0.45);
        $this->see('[data-way=drawn]', 'steer');
        $this->see('section[aria-label="The pass"]', 'Without current both ways are alike');
        $this->labelled('Current, drift', '2');
        $this->keys(WebDriverKeys::TAB);
        $this->labelled('Current sets toward', '180');
        $this->keys(WebDriverKeys::TAB);
        $this->see('section[aria-label="The pass"]', 'lift at the end and run back');
        $this->labelled('Name of the pass', 'Eighty-foot line');
        $this->click('aside .btn-primary', 'Plan on this pass');
        $this->see('aside [role=status]', 'The planning table looks at the bottom of this pass');
        $this->click('nav a', 'Spread');
        $this->click('[aria-controls=to-look-at]', 'to look at');
        $this->see('#to-look-at li', 'bottom');
    }

    public function test_structure_is_laid_drawn_read_and_taken_off(): void
    {
        $this->visit('/trips/{next}/ground');
        $this->click('button', 'Lay a pass');
        $this->tapChart(0.3, 0.3);
        $this->tapChart(0.3, 0.5);
        $this->tapChart(0.36, 0.47);
        $this->see('[data-way=drawn]', 'One turn');
        $this->click('aside button', 'Take the last place back');
        Wait::until(fn (): bool => ! str_contains($this->see('aside')->getText(), 'One turn'), 'a straight pass');
        $this->click('button', 'Draw structure');
        $this->fill('#typed-place', '145 -38')->sendKeys(WebDriverKeys::ENTER);
        $this->see('aside [role=alert]', 'Must be latitude, then longitude');
        $this->fill('#typed-place', '45.30 -38.45')->sendKeys(WebDriverKeys::ENTER);
        $this->see('aside p', '1 place tapped');
        $this->click('aside .btn-primary', 'Put it on the chart');
        $this->see('aside .text-error', 'Must be a name to know it by');
        $this->labelled('Name', 'Mussel Bed');
        $this->click('aside .btn-primary', 'Put it on the chart');
        $this->see('aside li', 'Mussel Bed');
        $this->see('aside li', 'hump');
        $this->click('[aria-label="Take Mussel Bed off the chart"]');
        Wait::until(fn (): bool => ! str_contains($this->see('aside ul')->getText(), 'Mussel Bed'), 'it to be gone');
        $this->upload(
            '#ground-file',
            '<gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1"><wpt lat="95" lon="-38.4"><name>Net</name></wpt></gpx>',
        );
        $this->see('aside [role=status]', 'line 1 latitude: Must be a number from -85 to 85');
        $this->upload(
            '#ground-file',
            '<gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1"><wpt lat="45.3" lon="-38.4"><name>Old '
                .'Net</name></wpt></gpx>',
        );
        $this->see('aside li', 'Old Net');
    }

    public function test_a_long_file_is_given_up_and_nothing_of_it_kept(): void
    {
        $this->visit('/trips/{next}/ground');
        $points = '';
        for ($i = 0; $i < 20_000; $i++) {
            $points .= sprintf("<trkpt lat=\"%.7f\" lon=\"-38.4\"><ele>1</ele></trkpt>\n", 45.2 + 4e-7 * $i);
        }
        $this->upload('#ground-file', '<gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1"><trk><name>Too long</name>'
            .'<trkseg>'.str_repeat($points, 50).'</trkseg></trk></gpx>');
        $this->click('[data-testid=reading] button', 'Give up');
        $this->see('[role=status]', 'iven up');
        $this->browser->driver->navigate()->refresh();
        $this->see('main', 'Gannet Rise');
        self::assertStringNotContainsString('Too long', $this->see('main')->getText());
    }

    public function test_both_screens_stand_without_scrolling_and_read_on_a_tablet(): void
    {
        foreach ([
            'prepare' => '[data-verdict]', 'water' => '[data-advice=speed]', 'ground' => '#ground-file',
        ] as $screen => $shown) {
            $this->browser->resize(1280, 800);
            $this->visit("/trips/{next}/{$screen}");
            $this->see($shown);
            self::assertSame(
                [],
                $this->js(
                    'return [document.scrollingElement, document.querySelector("nav + div")].filter((e) => e.scrollHeight > '
                        .'e.clientHeight + 1).map((e) => e.tagName)',
                ),
                $screen,
            );
            $this->browser->resize(820, 1180);
            self::assertLessThanOrEqual(
                820,
                $this->js('return document.querySelector("nav + div").scrollWidth + document.querySelector("nav").clientWidth'),
                $screen,
            );
        }
    }

    /** A finger on the chart, at shares of its width and height. */
    private function tapChart(float $across, float $down): void
    {
        $this->see('svg[role=img]');
        $this->touch(
            $this->js(
                'const r = document.querySelector("svg[role=img]").getBoundingClientRect(); return [r.x + arguments[0] * '
                    .'r.width, r.y + arguments[1] * r.height]',
                $across,
                $down,
            ),
        );
    }
}
