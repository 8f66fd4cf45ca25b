<?php

declare(strict_types=1);

namespace App\Serving;

use InvalidArgumentException;

/** What nginx and PHP-FPM are told of one Admek. */
final readonly class WebServer
{
    /**
     * @param  string  $program  folder Admek is in
     * @param  string  $folder  where their sockets, logs and passing files are
     * @param  list<string>  $listen  addresses
     * @param  ?string  $tls  folder of the boat's certificate; none for plain HTTP
     *
     * @throws InvalidArgumentException where a folder has letters that mean something else to them
     */
    public function __construct(
        public string $program,
        public string $folder,
        public array $listen,
        public int $port,
        public ?string $tls,
    ) {
        foreach (array_filter([$program, $folder, $tls]) as $path) {
            if (preg_match('/["\'\\\\$;{}=\x00-\x1F]/', $path) === 1) {
                throw new InvalidArgumentException("{$path} has letters in its name that nginx and PHP-FPM read otherwise.");
            }
        }
    }

    /** Of the workers for what is soon answered, or of those for what takes its time. */
    public function socket(bool $long = false): string
    {
        return "{$this->folder}/".($long ? 'long' : 'fpm').'.sock';
    }
}
