<?php

declare(strict_types=1);

use React\EventLoop\Loop;
use React\Socket\ConnectionInterface;
use React\Socket\TcpServer;
use StandIns\Instruments\Crew;
use StandIns\Instruments\Sailing;
use StandIns\Instruments\Sentences;

require dirname(__DIR__, 2).'/vendor/autoload.php';

// The demo boat's gateway: sails her and tells whoever dials what her instruments say, second by second, as often as real time.
//   php stand-ins/instruments/sail.php [--port=10110] [--times=1] [--seed=1] [--clean] [--seconds=N] [--tells=URL]
// With --seconds it prints so many seconds of sentences and ends; with --tells her crew tells Admek there of checks and fish.
$told = getopt('', ['port:', 'times:', 'seed:', 'seconds:', 'tells:', 'clean']);
$number = static function (string $name, int $else, int $least, int $most) use ($told): int {
    $range = ['options' => ['min_range' => $least, 'max_range' => $most]];
    $number = filter_var($told[$name] ?? $else, FILTER_VALIDATE_INT, $range);
    if ($number === false) {
        fwrite(STDERR, "--{$name} takes a whole number from {$least} to {$most}\n");
        exit(2);
    }

    return $number;
};
$sailing = Sailing::inDemo();
$sentences = new Sentences($number('seed', 1, 0, PHP_INT_MAX), ! isset($told['clean']));
$clock = time();
$crew = is_string($told['tells'] ?? null) ? new Crew($told['tells'], $number('seed', 1, 0, PHP_INT_MAX)) : null;
$second = static function () use ($sailing, $sentences, $crew, &$clock): string {
    $moment = $sailing->next();
    $crew?->does($moment->at);

    return implode('', $sentences->of($moment, $clock++));
};
if (isset($told['seconds'])) {
    for ($left = $number('seconds', 1, 1, 1_000_000); $left > 0; $left--) {
        echo $second();
    }
    exit(0);
}
/** @var SplObjectStorage<ConnectionInterface, null> $dialled */
$dialled = new SplObjectStorage;
$server = new TcpServer('127.0.0.1:'.$number('port', 10110, 1024, 65535));
$server->on('connection', static function (ConnectionInterface $connection) use ($dialled): void {
    $dialled->attach($connection);
    $connection->on('close', static fn () => $dialled->detach($connection));
});
Loop::addPeriodicTimer(1.0 / $number('times', 1, 1, 100), static function () use ($dialled, $second): void {
    $said = $second();
    foreach ($dialled as $connection) {
        $connection->write($said);
    }
});
Loop::run();
