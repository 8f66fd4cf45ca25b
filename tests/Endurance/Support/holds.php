<?php

declare(strict_types=1);

/**
 * Asks for the data again and again, and writes down how long it was held by another, ms a line, until it is ended:
 * holds.php DATABASE FILE
 */
[, $database, $file] = $argv;
const PAUSE_US = 5_000;

$data = new PDO("sqlite:{$database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 60]);
$told = fopen($file, 'a');
assert($told !== false);
for (; ;) {
    $began = hrtime(true);
    $data->exec('begin immediate');
    $data->exec('rollback');
    fwrite($told, sprintf("%.1f\n", (hrtime(true) - $began) / 1e6));
    usleep(PAUSE_US);
}
