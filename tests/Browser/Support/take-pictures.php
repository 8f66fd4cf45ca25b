<?php

declare(strict_types=1);

use Admek\Core\Instruments\Known;
use App\Instruments\LiveFile;
use Facebook\WebDriver\WebDriverBy;
use StandIns\Instruments\Sailing;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\ChromeDriver;
use Tests\Support\Running\RunningApp;
use Tests\Support\Running\Wait;

require dirname(__DIR__, 3).'/vendor/autoload.php';

/**
 * Pictures one view into docs/screenshots/.
 *
 * @param  array{int, int}  $size
 * @param  string  $shown  what must be on the screen first
 * @param  string  $then  script to run before the picture
 */
function picture(
    RunningApp $app, string $name, string $theme, array $size, string $path, string $shown, string $then = '', string $after = '',
): void {
    $browser = Browser::open(ChromeDriver::url(), ...$size);
    $see = static fn (string $css) => Wait::until(
        static fn (): bool => $browser->driver->findElements(WebDriverBy::cssSelector($css)) !== [], $css,
    );
    $browser->driver->get($app->url('/', $browser->asks));
    $browser->driver->executeScript('localStorage.setItem("admek.theme", arguments[0])', [$theme]);
    $browser->driver->navigate()->refresh();
    $browser->driver->get($app->url($path, $browser->asks));
    $see($shown);
    if ($then !== '') {
        $browser->driver->executeScript($then);
        $see($after);
    }
    $browser->driver->executeAsyncScript(
        'document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(arguments[0])))',
    );
    $browser->picture(dirname(__DIR__, 3)."/docs/screenshots/{$name}.png");
    $browser->close();
    echo "docs/screenshots/{$name}.png\n";
}

/**
 * Pictures of the same height made one, side by side.
 *
 * @param  list<string>  $of
 */
function beside(string $name, array $of, int $width, int $height): void
{
    $pictures = dirname(__DIR__, 3).'/docs/screenshots';
    $page = tempnam(sys_get_temp_dir(), 'beside').'.html';
    file_put_contents($page, '<body style="display:flex;justify-content:space-between;margin:0">'.implode('', array_map(
        static fn (string $one): string => "<img src=\"file://{$pictures}/{$one}.png\">", $of,
    )));
    $browser = Browser::open(ChromeDriver::url(), $width, $height);
    $browser->driver->get("file://{$page}");
    $browser->picture("{$pictures}/{$name}.png");
    $browser->close();
    array_map(static fn (string $one): bool => unlink("{$pictures}/{$one}.png"), $of);
    unlink($page);
    echo "docs/screenshots/{$name}.png\n";
}

$wide = [1280, 800];
$line = '[data-holder=S1] .depth b';
$choose = static fn (string $holder): string => "document.querySelector('[data-holder={$holder}]').click();";
$app = RunningApp::withDemo();
picture($app, 'trips', 'day', $wide, '/', '#next');
picture($app, 'prepare', 'day', $wide, '/trips/{next}/prepare', '[data-verdict]');
picture(
    $app,
    'water',
    'day',
    $wide,
    '/trips/{next}/water',
    '[data-advice=speed]',
    "document.querySelector('[data-water-band=king]').scrollIntoView()",
    '.seen',
);
picture(
    $app,
    'ground',
    'dusk',
    $wide,
    '/trips/{next}/ground',
    '#ground-file',
    "const s = document.querySelector('svg[role=img]').getBoundingClientRect(); "
        ."document.querySelector('svg[role=img]').dispatchEvent(new MouseEvent('click', { bubbles: true, clientX: s.x + 540, "
            .'clientY: s.y + 330 }));',
    '[data-way=drawn]',
);
picture($app, 'spread-day', 'day', $wide, '/trips/{next}/spread', $line, $choose('P3'), '[data-holder=P3].chosen');
$turning = <<<'JS'
    (async () => {
        const drawn = () => new Promise(requestAnimationFrame);
        [...document.querySelectorAll('button')].find(({ textContent }) => textContent.trim() === 'In time').click();
        let moment = null;
        const following = () => document.querySelector('aside')?.textContent.includes('Following every line');
        while (!(Number(moment?.max) > 14) || following()) {
            await drawn();
            moment = document.querySelector('[aria-label=Moment]');
        }
        moment.value = 14;
        moment.dispatchEvent(new Event('input', { bubbles: true }));
    })();
    JS;
picture(
    $app, 'spread-in-time-dusk', 'dusk', $wide, '/trips/{next}/spread', $line, $choose('P2').$turning,
    '.player[data-at="14.0"]',
);
picture($app, 'deck-card', 'day', [1280, 1000], '/trips/{next}/deck-card', '.sheet tbody tr');
picture($app, 'lure-box', 'day', $wide, '/trips/{next}/lures', '[data-first]');
picture($app, 'locker', 'dusk', $wide, '/locker/lures/8', '.page table');
picture($app, 'boat', 'day', $wide, '/boat', '[data-tip=P1]');
// What her gateway would tell, new for as long as pictures take.
$moment = Sailing::inDemo()->next();
$heard = [
    'latitude' => $moment->place->latitude, 'longitude' => $moment->place->longitude, 'water_speed' => 1.03,
    'ground_speed' => $moment->ground, 'course' => $moment->course, 'heading' => $moment->heading, 'depth' => $moment->depth,
    'water_temperature' => 18.6,
];
(new LiveFile("{$app->database}.live"))->write(
    array_map(static fn (float $value): Known => new Known($value, 'Gateway/II', -600.0), $heard), 0.0,
    [['name' => 'Gateway', 'state' => 'connected', 'silence' => 0.4]], [
        'Gateway/II' => ['used' => 21_840, 'faults' => ['broken' => 14, 'unknown' => 312]],
    ], news: true,
);
(new PDO("sqlite:{$app->database}"))->exec(
    'update boats set instruments = \'{"transducer":0.6,"sources":[{"name":"Gateway","kind":"tcp","address":"192.0.2.10:10110"},'
    .'{"name":"Sounder","kind":"file","address":"/dev/ttyUSB0"}]}\'',
);
picture($app, 'instruments', 'day', $wide, '/boat/instruments', '[data-figure=depth]');
// A morning under way: all but two lines set one after another, a fish on P3.
$morning = <<<'JS'
    (async () => {
        const json = async (path) => (await fetch(`/api${path}`)).json();
        const ago = (minutes) => new Date(Date.now() - minutes * 60000).toISOString();
        const trip = (await json('/trips')).find((one) => one.under_way);
        const { id: spread_id, speed, lines } = await json(`/spreads/${trip.spreads[0].id}`);
        const { rods } = await json(`/trips/${trip.id}/watch`);
        const out = rods.filter(({ holder }) => holder !== 'C2' && holder !== 'S2');
        let n = 0;
        const named = () => `018f0000-0000-7000-8000-0000000000${String(10 + n++)}`;
        const set = (i) => ({ uuid: named(), kind: 'out', at: ago(19 - 1.5 * i) });
        const events = out.map(({ holder_id, line }, i) => ({ ...set(i), holder_id, line }));
        const p3 = rods.find(({ holder }) => holder === 'P3').holder_id;
        events.push({ uuid: named(), kind: 'bite', at: ago(0.2), holder_id: p3, spread_id, speed, lines });
        const body = JSON.stringify({ sent_at: ago(0), events });
        await fetch(`/api/trips/${trip.id}/events`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body });
        document.querySelector('[data-rod=P3]').click();
    })();
    JS;
picture($app, 'watch-red', 'red', $wide, '/trips/{next}/watch', '[data-rod=S1]', $morning, '[data-sinking] li');
picture(
    $app, 'watch-day', 'day', $wide, '/trips/{next}/watch', '[data-rod=P5][data-state=fishing]',
    "document.querySelector('[data-rod=P5]').click();", '[data-act=bite]',
);
picture(
    $app, 'watch-phone', 'day', [390, 844], '/trips/{next}/watch', '[data-rod=P5][data-state=fishing]',
    "document.querySelector('[data-rod=P5]').click();", '[data-act=bite]',
);
picture(
    $app, 'drill-phone', 'day', [390, 844], '/drills', '.kind',
    "const who = document.querySelector('main input'); who.value = 'Ann'; "
        ."who.dispatchEvent(new Event('input', { bubbles: true })); document.querySelector('.kind').click();",
    '[data-answer]',
);
beside('phones', ['watch-phone', 'drill-phone'], 2 * 390 + 20, 844);
$season = RunningApp::withSeason();
$fished = json_decode((string) file_get_contents($season->api('/season')), true)['days'][3]['trip'];
picture($season, 'season', 'day', $wide, '/season', '[data-testid=start]');
picture($season, 'true-up', 'day', $wide, '/locker/true-up', '[data-testid=taught] li');
picture(
    $season, 'log', 'dusk', $wide, "/trips/{$fished}/log", 'svg .bar',
    "document.querySelector('a[href*=guests-page]').scrollIntoView()", 'svg .bar',
);
$page = tempnam(sys_get_temp_dir(), 'guests').'.html';
file_put_contents($page, (string) file_get_contents($season->api("/trips/{$fished}/guests-page")));
$browser = Browser::open(ChromeDriver::url(), 900, 1000);
$browser->driver->get("file://{$page}");
$browser->picture(dirname(__DIR__, 3).'/docs/screenshots/guests-page.png');
$browser->close();
unlink($page);
$empty = RunningApp::empty();
picture(
    $empty,
    'first-run',
    'day',
    $wide,
    '/',
    'form',
    "document.querySelector('form button').click()",
    '[data-tip=P1]',
);
