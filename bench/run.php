<?php

declare(strict_types=1);

use Admek\Core\Towing\Side;
use Admek\Core\Towing\Turn;
use Bench\CoreBench;
use Bench\DayBench;
use Bench\MotionBench;
use Bench\PageBench;
use Bench\PatternsBench;
use Bench\TrueUpBench;
use Bench\WatchBench;
use Symfony\Component\Process\Process;
use Tests\Support\Running\RunningApp;

require dirname(__DIR__).'/vendor/autoload.php';

if (($argv[1] ?? '') === '--core-times') {
    echo json_encode([CoreBench::milliseconds(12, false), CoreBench::milliseconds(12, true)]);
    exit(0);
}

/** Prints one figure beside what is wanted of it. */
function report(string $what, string $measured, string $wanted = ''): void
{
    printf("%-58s %16s   %s\n", $what, $measured, $wanted);
}

$jit = is_array($status = opcache_get_status(false)) && ($status['jit']['on'] ?? false);
report('Twelve lines', $jit ? 'JIT on' : 'JIT off', 'wanted');
report('  solved, without ±', sprintf('%.2f ms', CoreBench::milliseconds(12, false)), '≤ 3 ms');
report('  solved, with ±', sprintf('%.2f ms', CoreBench::milliseconds(12, true)), '≤ 15 ms');
$plain = new Process([PHP_BINARY, '-d', 'opcache.enable_cli=0', __FILE__, '--core-times']);
$plain->mustRun();
[$without, $with] = json_decode($plain->getOutput(), true, flags: JSON_THROW_ON_ERROR);
report('  without JIT: without ±, with ±', sprintf('%.2f, %.2f ms', $without, $with));
report('  steps taken, all iterations', (string) CoreBench::steps());
report('  worst error against a 20 times finer step', sprintf('%.2f mm', 1000 * CoreBench::worstAgainstFiner()), '≤ 20 mm');
report('  the same in sheared and reversed flow', sprintf('%.2f mm', 1000 * CoreBench::worstSheared()), '≤ 20 mm');
report('  worst error against the closed form', sprintf('%.2f mm', 1000 * CoreBench::worstAgainstClosedForm()), '≤ 20 mm');
report('  tangles, all pairs of 16 lines', sprintf('%.2f ms', CoreBench::allPairs()), '≤ 15 ms');
report('  looked over, 16 lines: every breach', sprintf('%.2f ms', CoreBench::lookOver()), '≤ 15 ms');
report('  both safe turns and slowest speed, 12 lines', sprintf('%.0f ms', CoreBench::safeLimits()));
report('  set one past another, and fish on each, 16 lines', sprintf('%.0f ms', CoreBench::setting()));
report('  a day of 300 events', sprintf('%.1f ms', DayBench::milliseconds(300)), '≤ 20 ms');
report('  a season of 20 000 events', sprintf('%.0f ms', DayBench::milliseconds(20_000)), '≤ 2000 ms');
report('  instruments’ sentences read a second', sprintf('%.0f', DayBench::sentences()), '≥ 50000');
[$fit, $figures] = TrueUpBench::fit(300);
report("  300 soundings fitted over {$figures} figures", sprintf('%.0f ms', $fit), '≤ 2000 ms');
report('  patterns of 20 000 line-hours', sprintf('%.0f ms', PatternsBench::milliseconds(20_000)), '≤ 1000 ms');
report('  drafted, 16 rods', sprintf('%.0f ms', CoreBench::draft()), '≤ 2000 ms');
echo "\nThe same twelve in a turn\n";
foreach ([300.0, 100.0, 60.0, 40.0, 25.0, 15.0] as $radius) {
    $turn = new Turn($radius, Side::Port);
    report(
        sprintf('  on a circle of %.0f m: without ±, with ±', $radius),
        sprintf('%.1f, %.1f ms', CoreBench::milliseconds(12, false, $turn), CoreBench::milliseconds(12, true, $turn)),
        '≤ 12, ≤ 60 ms',
    );
}
echo "\nGrowth, with ±\n";
$twelve = CoreBench::milliseconds(12, true);
foreach ([12, 24, 48] as $lines) {
    $time = CoreBench::milliseconds($lines, true);
    report("  {$lines} lines", sprintf('%.2f ms', $time), sprintf('%.2f ms a line (linear)', $time / $lines));
}
echo "\nIn time: an S-curve, a look each second\n";
$asked = [
    [12, 60.0, '≤ 500 ms, wanted 300; ≤ 64 MB'], [24, 60.0, 'linear'], [48, 60.0, 'linear'], [12, 600.0, 'linear, ≤ 64 MB'],
    [48, 600.0, 'linear, ≤ 64 MB'],
];
foreach ($asked as [$lines, $seconds, $wanted]) {
    [$time, $memory] = MotionBench::turn($lines, $seconds);
    report("  {$lines} lines, {$seconds} s", sprintf('%.0f ms, %.0f MB', $time, $memory), $wanted);
}
$app = RunningApp::withDemo();
PageBench::everyScreen($app);
PageBench::preview($app);
$preview = PageBench::preview($app);
echo "\nThe running application, by workers that have served every screen\n";
report('  preview of 12 lines, 200 calls, 4 at once: p50', sprintf('%.0f ms', $preview['p50']));
report('                                             p95', sprintf('%.0f ms', $preview['p95']), '≤ 60 ms');
report('  processor a preview takes, a hand moving', sprintf('%.1f ms', PageBench::processor($app, moving: true)), '≤ 12 ms');
report(
    '                             whole, one line changed', sprintf('%.1f ms', PageBench::processor($app, moving: false)),
    '≤ 20 ms',
);
report('  a minute of motion, 12 lines', sprintf('%.0f ms', PageBench::motion($app)), '≤ 500 ms, wanted 300');
foreach (PageBench::answers($app) as $what => $milliseconds) {
    report("  {$what}: median of 15", sprintf('%.0f ms', $milliseconds));
}
$watch = WatchBench::figures(RunningApp::withDemo());
report('  from a sentence to twelve depths drawn: p50', sprintf('%.0f ms', $watch['p50']));
report('                                          p95', sprintf('%.0f ms', $watch['p95']), '≤ 250 ms');
report('  from a bite’s first tap to its being kept, 2 taps', sprintf('%.0f ms', $watch['kept']), '≤ 3000 ms');
report('  processor a look at the day takes, nothing new', sprintf('%.1f ms', $watch['look']), '≤ 5 ms');
$page = PageBench::page($app);
report('  page weight, spread screen with all its data', sprintf('%.0f kB', $page['kilobytes']));
report('  first paint', sprintf('%.0f ms', $page['firstPaint']), '≤ 1000 ms');
report('  views follow a key: p95 of 20', sprintf('%.0f ms', $page['follow']), '≤ 100 ms');
report('  views follow a slider let go: p95 of 20', sprintf('%.0f ms', $page['slide']), '≤ 100 ms');
report('  while a slider is dragged: updates a second', sprintf('%.0f', $page['updates']), '≥ 12');
report('                             longest gap', sprintf('%.0f ms', $page['gap']), '≤ 150 ms');
report('                             whole again after rest', sprintf('%.0f ms', $page['rest']), '≤ 150 ms');
$played = MotionBench::played($app);
report('  a turn tried: first motion on the screen', sprintf('%.0f ms', $played['first']), '≤ 300 ms');
report('                played: frames a second', sprintf('%.0f', $played['frames']), '≥ 30');
report('                longest gap', sprintf('%.0f ms', $played['gap']));
$season = PatternsBench::answer(RunningApp::withSeason());
report('  the season’s answer, 14 trips: median of 9', sprintf('%.0f ms', $season), '≤ 300 ms');
