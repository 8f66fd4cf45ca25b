<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\Role;
use App\Models\Bite;
use App\Models\Boat;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\Feature\Support\FeatureTestCase;
use Tests\Feature\Support\FromAPhone;

/** Photographs of fish, and the page guests take home. */
final class TakenHomeTest extends FeatureTestCase
{
    use FromAPhone;

    /** The smallest picture there is: one pixel. */
    private const PIXEL = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

    protected function setUp(): void
    {
        parent::setUp();
        $this->seedDemo();
    }

    public function test_a_photograph_is_kept_with_its_fish_and_taken_out_again(): void
    {
        $bite = $this->landed();
        $picture = (string) base64_decode(self::PIXEL, true);
        self::assertSame([], $this->send('GET', '/trips/{past}/photographs', expect: 200)->json());
        $this->photographed($bite, $picture, 204);
        $this->photographed($bite, $picture, 204);
        self::assertSame([$bite], $this->send('GET', '/trips/{past}/photographs', expect: 200)->json());
        $shown = $this->get("/api/trips/{$this->demoTrip('past')->id}/photographs/{$bite}");
        self::assertSame('image/png', $shown->headers->get('Content-Type'));
        self::assertSame([1, 1], array_slice((array) getimagesizefromstring((string) $shown->getContent()), 0, 2));
        self::assertStringContainsString('sandbox', (string) $shown->headers->get('Content-Security-Policy'));
        $this->send('GET', "/trips/{next}/photographs/{$bite}", expect: 404);
        $this->send('DELETE', "/trips/{past}/photographs/{$bite}", expect: 204);
        $this->send('DELETE', "/trips/{past}/photographs/{$bite}", expect: 404);
    }

    public function test_of_a_photograph_nothing_is_kept_but_the_picture_upright_as_it_was_taken(): void
    {
        $bite = $this->landed();
        ob_start();
        imagejpeg(imagecreatetruecolor(40, 20) ?: throw new RuntimeException('no picture'));
        $jpeg = (string) ob_get_clean();
        // One figure: held so that its right is up (6); and a place among what stands behind it.
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0GPS 45.31 -38.42";
        $jpeg = substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2).'<script>1</script>';
        $this->photographed($bite, $jpeg, 204);
        $kept = (string) DB::table('photographs')->value('picture');
        self::assertSame([20, 40], array_slice((array) getimagesizefromstring($kept), 0, 2));
        self::assertStringNotContainsString('Exif', $kept);
        self::assertStringNotContainsString('GPS', $kept);
        self::assertStringNotContainsString('script', $kept);
        // What an earlier Admek kept as it came is drawn anew too.
        DB::table('photographs')->update(['picture' => $jpeg]);
        $anew = require dirname(__DIR__, 2).'/database/migrations/2026_12_01_260000_draw_photographs_anew.php';
        $anew->up();
        self::assertStringNotContainsString('GPS', (string) DB::table('photographs')->value('picture'));
    }

    #[DataProvider('none')]
    public function test_what_is_no_photograph_is_refused_in_words_and_nothing_is_kept(string $bytes, string $why): void
    {
        $refused = $this->photographed($this->landed(), $bytes, 422);
        self::assertStringContainsString($why, (string) $refused->json('detail'));
        self::assertSame(0, DB::table('photographs')->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function none(): iterable
    {
        yield 'nothing' => ['', 'a picture'];
        yield 'a text' => ['fish', 'a picture'];
        yield 'a drawing' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>', 'a picture'];
        yield 'half a one' => [substr((string) base64_decode(self::PIXEL, true), 0, 12), 'a picture'];
        yield '40 MB' => [str_repeat('x', 40_000_000), 'at most 1.5 MB'];
    }

    public function test_a_photograph_of_no_bite_is_refused(): void
    {
        $this->photographed('018f0000-0000-7000-8000-00000000ffff', (string) base64_decode(self::PIXEL, true), 422);
    }

    public function test_the_guests_page_stands_alone_and_tells_no_place_unless_it_is_let(): void
    {
        $trip = $this->demoTrip('past');
        $bite = $this->landed();
        $this->photographed($bite, (string) base64_decode(self::PIXEL, true), 204);
        Boat::query()->update(['name' => 'Lamp <b>& Sons</b>']);
        foreach (range(0, 9) as $i) {
            DB::table('track')->insert([
                'at' => $this->firstBite() * 1000 + $i * 60_000, 'latitude' => 45.31 + 0.001 * $i,
                'longitude' => -38.41 + 0.0005 * $i,
            ]);
        }
        $answer = $this->get("/api/trips/{$trip->id}/guests-page");
        $page = (string) $answer->getContent();
        self::assertSame(200, $answer->getStatusCode());
        self::assertStringStartsWith('attachment; filename="lamp-', (string) $answer->headers->get('Content-Disposition'));
        self::assertStringContainsString('A day on Lamp &lt;b&gt;&amp; Sons&lt;/b&gt;', $page);
        self::assertStringContainsString('<b>5</b>fish landed', $page);
        self::assertStringContainsString('king', $page);
        $picture = base64_encode((string) DB::table('photographs')->value('picture'));
        self::assertStringContainsString("<img src=\"data:image/png;base64,{$picture}", $page);
        self::assertSame(
            0, preg_match('~(?:src|href|url)\s*[=(]\s*["\']?+(?!data:)[^\s>]*[:/]~', $page), 'it asks nothing of anybody',
        );
        self::assertStringNotContainsString('<script', $page);
        self::assertStringNotContainsString($trip->ground, $page);
        self::assertDoesNotMatchRegularExpression('/45\.3\d|-38\.4\d/', $page);
        self::assertStringContainsString('<polyline', $page, 'the shape of the course is theirs');
        $placed = (string) $this->get("/api/trips/{$trip->id}/guests-page?places=1")->getContent();
        self::assertStringContainsString($trip->ground, $placed);
        self::assertMatchesRegularExpression('/About 45\.3\d+°, -38\.4\d+°/', $placed);
    }

    public function test_a_mate_sends_no_places_home_though_he_sees_them(): void
    {
        $trip = $this->demoTrip('past');
        $mate = $this->letIn(Role::Mate);
        $ask = fn (string $path): int => $this->call(
            'GET', "/api{$path}", cookies: $mate, server: ['HTTP_ACCEPT' => 'application/json', 'REMOTE_ADDR' => self::PHONE],
        )->getStatusCode();
        self::assertSame(200, $ask('/chart'), 'he sees them');
        self::assertSame(403, $ask("/trips/{$trip->id}/guests-page?places=1"));
        self::assertSame(200, $ask("/trips/{$trip->id}/guests-page"));
    }

    /** Id of a bite that was landed. */
    private function landed(): string
    {
        return Bite::query()->where('trip_id', $this->demoTrip('past')->id)->where('outcome', 'landed')->firstOrFail()->uuid;
    }

    private function firstBite(): int
    {
        return Bite::query()->where('trip_id', $this->demoTrip('past')->id)->orderBy('bitten_at')->firstOrFail()
            ->bitten_at->getTimestamp();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function photographed(string $bite, string $bytes, int $expect): TestResponse
    {
        $answer = $this->call('PUT', "/api/photographs?bite={$bite}", server: [
            'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/octet-stream',
        ], content: $bytes);
        self::assertSame($expect, $answer->getStatusCode(), substr((string) $answer->getContent(), 0, 300));

        return $answer;
    }
}
