<?php

declare(strict_types=1);

/**
 * One device that tells bites and what came of them, and saves a spread, again and again, until a file named stop is there.
 * What the server says it has is written down first thing; what it does not answer is sent again, as it was:
 * writer.php ADDRESS FOLDER NAME
 */
[, $address, $folder, $name] = $argv;

/**
 * @param  ?array<string, mixed>  $body
 * @return array{int, mixed} status (0 for no answer), body
 */
function asked(string $method, string $url, ?array $body = null): array
{
    $curl = curl_init($url);
    assert($curl instanceof CurlHandle && $method !== '');
    curl_setopt_array($curl, [
        CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 10,
        CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Origin: '.preg_replace('#/api$#', '', $GLOBALS['address'])],
    ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => (string) json_encode($body)]));
    $answer = curl_exec($curl);

    $told = json_decode((string) $answer, true);

    // An answer that was cut short is none, whether its end was to be known or not.
    return curl_errno($curl) === 0 && is_array($told) ? [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $told] : [0, null];
}

function log_line(string $file, string $line): void
{
    file_put_contents($file, "{$line}\n", FILE_APPEND);
}

$trips = [];
do {
    [$status, $trips] = asked('GET', "{$address}/trips");
} while ($status !== 200);
$trip = $trips[0];
$spread = null;
$waiting = null;
for ($n = 0; ! file_exists("{$folder}/stop"); $n++) {
    if ($spread === null) {
        [$status, $read] = asked('GET', "{$address}/spreads/{$trip['spreads'][0]['id']}");
        $spread = $status === 200 ? $read : null;

        continue;
    }
    $uuid = static fn (int $kind): string => sprintf('018f%04d-0000-7000-8%03d-%012d', $kind, (int) substr($name, -3), $n);
    $at = ['at' => '2026-11-20T09:00:00.000Z', 'thing' => $uuid(2)];
    $waiting ??= [$at + [
        'uuid' => $uuid(0), 'kind' => 'bite', 'spread_id' => $spread['id'], 'holder_id' => $spread['lines'][0]['holder_id'],
        'speed' => $spread['speed'], 'lines' => $spread['lines'],
    ], $at + ['uuid' => $uuid(1), 'kind' => 'landed', 'of' => $uuid(0), 'species' => 'king']];
    [$status, $answer] = asked('POST', "{$address}/trips/{$trip['id']}/events", [
        'sent_at' => gmdate('Y-m-d\TH:i:s\Z'), 'events' => $waiting,
    ]);
    if ($status === 200 && count($answer['kept']) === 2) {
        log_line("{$folder}/{$name}.bites", $waiting[0]['uuid']);
        $waiting = null;
    } elseif ($status === 200) {
        log_line("{$folder}/{$name}.refused", (string) json_encode($answer['refused']));
        $waiting = null;
    } elseif ($status >= 400 && $status < 500) {
        log_line("{$folder}/{$name}.refused", "bite {$status}");
        $waiting = null;
    }
    $plan = ['speed' => round(0.9 + 0.0001 * ($n % 9000), 4)]
        + array_intersect_key($spread, array_flip(['version', 'lines', 'school', 'setting_order']));
    [$status, $saved] = asked('PUT', "{$address}/spreads/{$spread['id']}", $plan);
    if ($status === 200) {
        $spread = $saved;
        log_line("{$folder}/{$name}.saved", "{$saved['version']} {$plan['speed']}");
    } else {
        // Saved elsewhere, or kept without our hearing of it: it is read anew.
        $spread = null;
    }
}
