<?php

declare(strict_types=1);

namespace App\Serving;

use App\Devices\OwnNames;
use App\Http\Middleware\ClosedAnswers;
use App\Http\Middleware\ReadableJson;
use App\Http\Problem;
use Illuminate\Support\Facades\Config;

/**
 * nginx's configuration (its documentation, "Core functionality" and the modules named): built files are handed out by it, all
 * else is the application's. Whole requests only reach PHP, so that slow ones hold none of its workers.
 */
final class NginxConfig
{
    /** What nginx answers by itself, and what it says. */
    private const SAID = [
        400 => 'The request is not readable.', 401 => 'This device is let in by a code, which the captain’s screen shows.',
        403 => 'That is not for this device.', 404 => 'There is no such file.',
        405 => 'A file is only read.', 408 => 'The request took too long to come.',
        414 => 'The address is too long.', 429 => 'Too many requests at once from this device.',
        507 => 'The file could not be taken. Is the disk full? Make room, and try again.',
        502 => 'The server is starting, or could not finish this. Try again.',
        503 => 'The server is starting. Try again.', 504 => 'This took the server too long.',
    ];

    private const TYPES = [
        'text/html' => 'html', 'text/javascript' => 'js', 'text/css' => 'css', 'font/woff2' => 'woff2', 'font/woff' => 'woff',
        'image/svg+xml' => 'svg', 'application/json' => 'json', 'application/x-x509-ca-cert' => 'crt',
    ];

    /** Bytes no request may bring that has no sign of having been let in, as they are written: 60 000 and more. */
    private const TOO_MUCH_OF_UNKNOWN = '([6-9][0-9]{4}|[0-9]{6,})';

    /** What takes its time beside files that are sent. */
    private const LONG = '^/api/(days/file/[a-z]+|season|trips/[0-9]+/(start|day/file/[a-z]+))$';

    /** @param  array<string, string>  $doors  ability that sending to each address of a file takes */
    public static function text(WebServer $web, array $doors): string
    {
        $types = implode(' ', array_map(
            static fn (string $type, string $ending): string => "{$type} {$ending};", array_keys(self::TYPES), self::TYPES,
        ));
        $tmp = implode("\n", array_map(
            static fn (string $kind): string => "    {$kind}_temp_path \"{$web->folder}/passing/{$kind}\";",
            ['client_body', 'fastcgi', 'proxy', 'uwsgi', 'scgi'],
        ));

        return implode("\n", [
            'daemon off;', 'worker_processes 2;', ...(posix_geteuid() === 0 ? ['user root;'] : []),
            "pid \"{$web->folder}/nginx.pid\";", "error_log \"{$web->folder}/nginx.log\" warn;",
            'events { worker_connections 1024; }', 'http {', "    types { {$types} }",
            '    default_type application/octet-stream;', '    server_tokens off;', '    access_log off;', $tmp,
            '    sendfile on;', '    gzip on;', '    gzip_types text/javascript text/css image/svg+xml;',
            '    gzip_min_length 1000;',
            // Slow clients: each has so long between two readings or writings, and so many connections.
            '    client_header_timeout 10s;', '    client_body_timeout 15s;',
            // What is told in JSON passes no disk: a full one is the application's to tell of.
            '    client_body_buffer_size '.(LargestBodies::USUAL + 1024).';',
            '    send_timeout 15s;', '    keepalive_timeout 30s;',
            '    reset_timedout_connection on;', '    large_client_header_buffers 4 8k;',
            '    limit_conn_zone $binary_remote_addr zone=device:1m;', '    limit_conn device 100;', '    limit_conn_status 429;',
            ...self::unknown(), '    server {', ...self::server($web, $doors), '    }', '}', '',
        ]);
    }

    /**
     * Who asks from elsewhere and brings no cookie of Admek's brings little, and says how much.
     *
     * @return list<string>
     */
    private static function unknown(): array
    {
        $cookie = Config::string('session.cookie');
        $laptop = implode('|', array_map(preg_quote(...), OwnNames::LOOPBACK));

        return [
            '    map "$remote_addr|$host|$cookie_'.$cookie.'|$content_length|$http_transfer_encoding" $too_much_of_unknown {',
            '        default 0;', "        \"~^(127\\.[^|]*|::1)\\|({$laptop})\\|\" 0;",
            '        "~^[^|]*\|[^|]*\|\|'.self::TOO_MUCH_OF_UNKNOWN.'\|" 1;', '        "~^[^|]*\|[^|]*\|\|[0-9]*\|." 1;', '    }',
        ];
    }

    /**
     * @param  array<string, string>  $doors
     * @return list<string>
     */
    private static function server(WebServer $web, array $doors): array
    {
        $ssl = $web->tls === null ? '' : ' ssl http2';
        // The laptop itself needs no certificate to speak to itself.
        $lines = array_map(
            static fn (string $address): string => "        listen {$address}:{$web->port}"
                .(in_array($address, OwnNames::LOOPBACK, true) ? '' : $ssl).';',
            array_values(array_unique([...$web->listen, '127.0.0.1'])),
        );
        if ($web->tls !== null) {
            array_push(
                $lines,
                "        ssl_certificate \"{$web->tls}/boat.crt\";",
                "        ssl_certificate_key \"{$web->tls}/boat.key\";",
                '        ssl_protocols TLSv1.2 TLSv1.3;', '        ssl_session_tickets off;',
                // Asked without TLS, the way to trust the boat's certificate is shown.
                '        error_page 497 =200 @plain;',
                "        location @plain { root \"{$web->folder}/trust\"; rewrite ^/(?!boat\\.crt$) /index.html break; "
                    .'rewrite ^/boat\.crt$ /boat.crt break; '.self::headers().' }',
            );
        }
        $little = 'if ($too_much_of_unknown) { return 401; }';
        $lines = [
            ...$lines, "        root \"{$web->program}/public\";",
            '        '.self::bounds('usual', LargestBodies::USUAL), ...self::faults(),
            '        location /build/ { '.self::headers().' add_header Cache-Control "public, max-age=31536000, immutable"; }',
            '        location ~ '.self::LONG." { {$little} ".self::application($web, long: true).' }',
            "        location / { {$little} ".self::application($web).' }',
        ];
        foreach (LargestBodies::OF_FILES as $path => $bytes) {
            // Asked before any of the body is taken.
            $lines[] = "        location = {$path} { auth_request /door/{$doors[$path]}; ".self::bounds($path, $bytes).' '
                .self::application($web, long: ! in_array($path, LargestBodies::SOON_TAKEN, true)).' }';
        }
        foreach (array_unique($doors) as $ability) {
            $lines[] = "        location = /door/{$ability} { internal; if (\$request_method ~ ^(GET|HEAD)\$) { return 204; } "
                .'client_max_body_size 0; fastcgi_pass_request_body off; '.self::application($web, [
                    'REQUEST_METHOD' => 'GET', 'REQUEST_URI' => "/api/door/{$ability}", 'QUERY_STRING' => '""',
                    'CONTENT_TYPE' => '""', 'CONTENT_LENGTH' => '""',
                ]).' }';
        }

        return $lines;
    }

    /**
     * What is said of each fault, at addresses nobody can ask for.
     *
     * @return list<string>
     */
    private static function faults(): array
    {
        $lines = [];
        foreach (self::SAID as $status => $said) {
            $lines[] = self::saying((string) $status, $status, $said);
        }
        foreach (['usual' => LargestBodies::USUAL] + LargestBodies::OF_FILES as $of => $bytes) {
            $lines[] = self::saying(self::large($of), 413, ReadableJson::tooLarge($bytes));
        }

        return $lines;
    }

    /** How much may come, and where each fault is said: a location that says one says them all. */
    private static function bounds(string $of, int $bytes): string
    {
        $pages = array_map(
            // By itself nginx fails where it finds no room for a file that is on its way.
            static fn (int $status): string => 'error_page '.($status === 507 ? '500 =507' : $status)." /said/{$status};",
            array_keys(self::SAID),
        );

        return "client_max_body_size {$bytes}; error_page 413 /said/".self::large($of).'; '.implode(' ', $pages);
    }

    private static function large(string $of): string
    {
        return 'large'.strtr($of, '/', '_');
    }

    private static function saying(string $name, int $status, string $said): string
    {
        $json = (string) json_encode(
            ['type' => 'about:blank', 'title' => Problem::title($status), 'status' => $status, 'detail' => $said],
        );

        return "        location = /said/{$name} { internal; client_max_body_size 0; types { } "
            .'default_type application/problem+json; '.self::headers()." return {$status} '{$json}'; }";
    }

    private static function headers(): string
    {
        return implode(' ', array_map(
            static fn (string $name, string $value): string => "add_header {$name} \"{$value}\" always;",
            array_keys(ClosedAnswers::ALWAYS), ClosedAnswers::ALWAYS,
        ));
    }

    /**
     * CGI's variables (RFC 3875, 4.1), and no others but the request's own headers.
     *
     * @param  array<string, string>  $otherwise
     */
    private static function application(WebServer $web, array $otherwise = [], bool $long = false): string
    {
        $told = $otherwise + [
            'SCRIPT_FILENAME' => "\"{$web->program}/public/index.php\"", 'DOCUMENT_ROOT' => "\"{$web->program}/public\"",
            'SCRIPT_NAME' => '/index.php', 'REQUEST_METHOD' => '$request_method', 'REQUEST_URI' => '$request_uri',
            'QUERY_STRING' => '$query_string', 'CONTENT_TYPE' => '$content_type', 'CONTENT_LENGTH' => '$content_length',
            'SERVER_PROTOCOL' => '$server_protocol', 'SERVER_NAME' => '$server_name', 'SERVER_PORT' => '$server_port',
            'SERVER_ADDR' => '$server_addr', 'REMOTE_ADDR' => '$remote_addr', 'REMOTE_PORT' => '$remote_port',
            'GATEWAY_INTERFACE' => 'CGI/1.1', 'HTTPS' => '$https if_not_empty', 'HTTP_PROXY' => '""',
        ];
        $params = implode(' ', array_map(
            static fn (string $name, string $value): string => "fastcgi_param {$name} {$value};", array_keys($told), $told,
        ));

        // What is long is handed on as it comes: no disk has to hold it.
        $time = $long ? 'fastcgi_read_timeout 1800s; fastcgi_max_temp_file_size 0;' : 'fastcgi_read_timeout 75s;';

        return "fastcgi_pass \"unix:{$web->socket($long)}\"; {$params} fastcgi_buffers 32 16k; {$time}";
    }
}
