<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Admek\Core\Instruments\Known;
use App\Instruments\LiveFile;
use PDO;
use StandIns\Instruments\Moment;
use StandIns\Instruments\Sailing;

/** The demo boat under way on the stand-in's sea, told as the hub would tell it, when the test says so. */
trait SailsTheDemoSea
{
    private Sailing $sea;

    private LiveFile $hub;

    private PDO $data;

    /** @var list<Moment> where she was when it was told, as it truly was */
    private array $sailed = [];

    private function putToSea(): void
    {
        $this->sea = Sailing::inDemo();
        $this->hub = new LiveFile($this->app->database.'.live');
        $this->data = new PDO("sqlite:{$this->app->database}");
        $this->data->exec('pragma busy_timeout = 10000');
        // Under way today, by the port's clock.
        $this->data->prepare('update trips set date = ? where id = (select max(id) from trips)')->execute([
            gmdate('Y-m-d', time() - 3 * 3600),
        ]);
    }

    private function leaveTheSea(): void
    {
        @unlink($this->app->database.'.live');
    }

    /** So many seconds on, as the hub would tell it. */
    private function sail(
        int $seconds, float $turn = 0.0, ?float $ground = null, ?float $depth = null,
    ): void {
        for ($i = 0; $i < $seconds; $i++) {
            $moment = $this->sea->next();
        }
        assert(isset($moment));
        $this->sailed[] = $moment;
        $figures = [
            'latitude' => $moment->place->latitude, 'longitude' => $moment->place->longitude, 'water_speed' => $moment->speed,
            'ground_speed' => $ground ?? $moment->ground, 'course' => $moment->course, 'heading' => $moment->heading,
            'depth' => $depth ?? $moment->depth,
        ];
        $this->hub->write(
            array_map(static fn (float $value): Known => new Known($value, 'Gateway/II', 0.0), $figures), $turn,
            [['name' => 'Gateway', 'state' => 'connected', 'silence' => 0.0]], [], true,
        );
        $kept = $figures + ['turn' => $turn, 'at' => (int) (1000 * microtime(true))];
        $names = implode(', ', array_keys($kept));
        $values = implode(', ', array_fill(0, count($kept), '?'));
        $this->data->prepare("insert into track ({$names}) values ({$values})")->execute(array_values($kept));
    }

    /**
     * @param  list<string>  $rods
     * @return list<string>
     */
    private function byRail(array $rods): array
    {
        $rail = array_column($this->api('/boat')['holders'], 'code');
        usort($rods, static fn (string $a, string $b): int => array_search($a, $rail, true) <=> array_search($b, $rail, true));

        return $rods;
    }

    /** @return array<string, mixed> */
    private function rod(string $code): array
    {
        return array_column($this->api('/trips/{next}/watch')['rods'], null, 'holder')[$code];
    }
}
