<?php

declare(strict_types=1);

namespace Tests\Feature;

use Admek\Core\Instruments\Nmea;
use Admek\Core\Towing\Internal\LineMarch;
use App\Models\Boat;
use Illuminate\Database\Eloquent\Model;
use Symfony\Component\Process\Process;
use Tests\Feature\Support\FeatureTestCase;

final class CommandsTest extends FeatureTestCase
{
    public function test_the_demo_is_made_once_and_its_next_trip_is_always_ahead(): void
    {
        self::assertSame(0, $this->command('admek:demo'));
        self::assertSame('Second Lamp', Boat::query()->firstOrFail()->name);
        $this->demoTrip()->update(['date' => now()->subDays(4)->format('Y-m-d')]);
        self::assertSame(0, $this->command('admek:demo'));

        self::assertSame(1, Boat::query()->count());
        self::assertSame(now()->addDay()->format('Y-m-d'), $this->demoTrip()->date->format('Y-m-d'));
        self::assertSame(
            now()->subDays(3)->format('Y-m-d'),
            $this->demoTrip('past')->date->format('Y-m-d'),
            'a trip with bites is history',
        );
    }

    public function test_php_can_hold_every_class_that_is_listed_for_it(): void
    {
        $this->seedDemo();
        $list = "{$this->database}.classes.php";
        $made = new Process([PHP_BINARY, 'artisan', 'admek:warm', $list], base_path(), [
            'ADMEK_DATABASE' => $this->database,
            'APP_CONFIG_CACHE' => "{$this->database}.config.php",
            'APP_ROUTES_CACHE' => "{$this->database}.routes.php",
        ]);
        $made->mustRun();
        $asked = [LineMarch::class, Boat::class, Model::class];
        $held = new Process([
            PHP_BINARY,
            '-d', 'opcache.enable_cli=1',
            '-d', "opcache.preload={$list}",
            '-d', 'opcache.preload_user='.(posix_getpwuid(posix_geteuid())['name'] ?? ''),
            '-r', 'echo json_encode(array_map(fn ($class) => class_exists($class, false), '.var_export($asked, true).'));',
        ]);
        $held->mustRun();
        array_map(unlink(...), [$list, "{$this->database}.config.php", "{$this->database}.routes.php"]);

        self::assertSame(['[true,true,true]', ''], [$held->getOutput(), $held->getErrorOutput()]);
    }

    public function test_tow_answers_a_case_on_the_command_line(): void
    {
        $case = json_decode((string) file_get_contents(dirname(__DIR__).'/reference-cases/flat-line-plug.json'), true)['case'];
        [$code, $out, $err] = $this->tow((string) json_encode($case));

        self::assertSame([0, ''], [$code, $err]);
        $answer = json_decode($out, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('admek-tow-result', $answer['format']);
        self::assertEqualsWithDelta(5.8978, $answer['lines'][0]['bodies']['lure'][2], 0.02);
    }

    public function test_tow_refuses_with_the_path_and_exit_code_two(): void
    {
        $case = json_decode((string) file_get_contents(dirname(__DIR__).'/reference-cases/flat-line-plug.json'), true)['case'];
        $case['lines'][0]['chain'][1]['line']['length'] = -1;
        [$code, $out, $err] = $this->tow((string) json_encode($case));
        self::assertSame([2, ''], [$code, $out]);
        self::assertSame("$.lines[0].chain[1].line.length must be a number from 0 to 5000 m.\n", $err);

        foreach (['', '{"a": NaN}', '[]', str_repeat('[', 5000)] as $broken) {
            [$code, $out, $err] = $this->tow($broken);
            self::assertSame([2, ''], [$code, $out]);
            self::assertStringStartsWith('$', $err);
        }
        $case['lines'][0]['chain'] = [
            ['body' => ['weight' => -2, 'drag_area' => 0, 'down_area' => 0, 'side_area' => 0]],
            ['line' => ['length' => 20, 'diameter' => 0.001, 'weight' => 0.01, 'normal_drag' => 1, 'skin_friction' => 0]],
        ];
        $case['water']['flow'][0]['aft'] = 0;
        [$code, , $err] = $this->tow((string) json_encode($case));
        self::assertSame(2, $code);
        self::assertStringStartsWith('$.lines[0].chain must be', $err);
    }

    public function test_a_manoeuvre_is_followed_on_the_command_line_or_refused_with_its_path(): void
    {
        $file = dirname(__DIR__).'/reference-manoeuvres/bouncer-slowed.json';
        $case = json_decode((string) file_get_contents($file), true)['case'];
        [$code, $out, $err] = $this->launched((string) json_encode($case), 'manoeuvre', '-');
        self::assertSame([0, ''], [$code, $err]);
        $answer = json_decode($out, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('admek-manoeuvre-result', $answer['format']);
        self::assertCount(count($case['report']), $answer['lines'][0]['times']);

        $case['course'][1]['t'] = -1;
        [$code, $out, $err] = $this->launched((string) json_encode($case), 'manoeuvre', '-');
        self::assertSame([2, "$.course[1].t must be a number from 0 to 86400 s.\n"], [$code, $out.$err]);
    }

    public function test_hundreds_of_lines_are_solved_in_one_call(): void
    {
        $case = json_decode(
            (string) file_get_contents(dirname(__DIR__).'/reference-cases/rigger-hundred-feet.json'), true,
        )['case'];
        $case['lines'] = array_map(static fn (int $i): array => ['id' => "line {$i}"] + $case['lines'][0], range(1, 400));
        [$code, $out] = $this->tow((string) json_encode($case));

        self::assertSame(0, $code);
        self::assertCount(400, json_decode($out, true)['lines']);
    }

    public function test_the_launcher_solves_a_spread_and_refuses_what_it_does_not_know(): void
    {
        $this->seedDemo();
        $file = (string) $this->send('GET', '/spreads/{next}/file', expect: 200)->getContent();
        [$code, $out, $err] = $this->launched($file, 'solve', '-');

        self::assertSame([0, ''], [$code, $err]);
        self::assertMatchesRegularExpression('/P3\W+diver\W+Slate Lantern\W+150.0/', $out);
        [$code, $out] = $this->launched($file, 'solve', '-', '--json');
        self::assertSame(0, $code);
        self::assertCount(12, json_decode($out, true, flags: JSON_THROW_ON_ERROR)['lines']);
        [$code, , $err] = $this->launched('{"format":"admek-spread","version":9}', 'solve', '-');
        self::assertSame(2, $code);
        self::assertStringContainsString('version', $err);
        self::assertSame(1, $this->launched('', 'catch')[0]);
    }

    public function test_the_launcher_tells_what_instruments_send(): void
    {
        $sent = Nmea::written('SDDPT,35.5,0.8')."hello\n".Nmea::written('GPRMC,101530,A,4518.6,N,03824.1,W,2.3,181.5,010631,,')
            .'$YXMTW,12.4,C';
        [$code, $out, $err] = $this->launched($sent, 'instruments', '-');
        self::assertSame([0, ''], [$code, $err]);
        $told = json_decode($out, true, flags: JSON_THROW_ON_ERROR);
        self::assertEqualsWithDelta(['value' => 35.5, 'talker' => 'SD'], $told['figures']['depth'], 1e-6);
        self::assertEqualsWithDelta(-38.4016667, $told['figures']['longitude']['value'], 1e-6);
        self::assertSame(['no sentence' => 1, 'without a checksum' => 1], $told['talkers']['line']['not_used']);
        self::assertSame(2, $this->launched('', 'instruments', '/nowhere')[0]);
    }

    /** @return array{int, string, string} exit code, what it printed, what it complained */
    private function launched(string $input, string ...$words): array
    {
        $process = new \Symfony\Component\Process\Process([dirname(__DIR__, 2).'/admek', ...$words], input: $input);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }

    /** @return array{int, string, string} exit code, what it printed, what it complained */
    private function tow(string $case): array
    {
        $process = new \Symfony\Component\Process\Process(
            [PHP_BINARY, dirname(__DIR__, 2).'/artisan', 'admek:tow', '-'], input: $case,
        );
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }
}
