<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Serving\BoatServer;
use App\Serving\FpmConfig;
use App\Serving\NginxConfig;
use Illuminate\Console\Command;
use InvalidArgumentException;

final class BoatFilesCommand extends Command
{
    protected $signature = 'admek:boat-files
        {folder : where nginx and PHP-FPM keep what is theirs}
        {--listen=* : addresses}
        {--port=}
        {--tls= : folder of the boat’s certificate}';

    protected $description = 'Write what nginx and PHP-FPM are told in boat mode: called by the launcher';

    public function handle(): int
    {
        $said = function (string $option): ?string {
            $value = $this->option($option);

            return is_string($value) && $value !== '' ? $value : null;
        };
        /** @var list<string> $listen */
        $listen = (array) $this->option('listen');
        try {
            $boat = new BoatServer(
                base_path(), (string) $this->argument('folder'), $listen, (int) $this->option('port'),
                $said('tls'),
            );
        } catch (InvalidArgumentException $error) {
            $this->error($error->getMessage());

            return self::FAILURE;
        }
        $written = [
            'fpm.conf' => FpmConfig::text($boat, array_filter(getenv(), is_string(...))),
            'nginx.conf' => NginxConfig::text($boat),
        ];
        foreach ($written as $name => $text) {
            file_put_contents("{$boat->folder}/{$name}", $text);
        }
        if ($boat->tls !== null) {
            @mkdir("{$boat->folder}/trust");
            copy("{$boat->tls}/ca.crt", "{$boat->folder}/trust/boat.crt");
            file_put_contents("{$boat->folder}/trust/index.html", view('trust', ['port' => $boat->port])->render());
        }

        return self::SUCCESS;
    }
}
