<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** SECURITY.md names files and tests that exist. */
final class PromisesTest extends TestCase
{
    public function test_each_file_and_each_test_it_names_is_there(): void
    {
        $root = dirname(__DIR__, 2);
        $text = (string) file_get_contents("{$root}/SECURITY.md");
        preg_match_all('~`((?:app|core|docs|launcher|tests)/[\w./-]+)`~', $text, $files);
        preg_match_all('~`((?:Endurance\\\\)?)(\w+Test)`~', $text, $tests, PREG_SET_ORDER);
        self::assertGreaterThan(3, count($files[1]));
        self::assertGreaterThan(15, count($tests));
        foreach ($files[1] as $file) {
            self::assertFileExists("{$root}/{$file}");
        }
        foreach ($tests as [, $folder, $test]) {
            $in = "{$root}/tests/".($folder === '' ? '*' : 'Endurance');
            $found = glob("{$in}/{{$test},*/{$test},*/*/{$test}}.php", GLOB_BRACE);
            self::assertNotEmpty($found, $test);
        }
    }
}
