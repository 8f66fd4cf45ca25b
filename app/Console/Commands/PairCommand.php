<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\PairingCodes;
use App\Database\DataFile;
use App\Devices\CookieKey;
use App\Devices\Role;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Config;

final class PairCommand extends Command
{
    protected $signature = 'admek:pair {role=captain : captain, mate or guest}';

    protected $description = 'Show a code that lets one device in, where no captain’s screen is at hand';

    public function handle(DataFile $data, PairingCodes $codes): int
    {
        $role = Role::tryFrom((string) $this->argument('role'));
        $key = CookieKey::of($data->path);
        if ($role === null || $key === null || ! $data->isCurrent()) {
            $this->error($role === null ? 'A device is a captain’s, a mate’s or a guest’s.' : 'Start Admek on this data first.');

            return self::FAILURE;
        }
        Config::set('app.key', $key);
        $code = $codes->make($role, false, CarbonImmutable::now());
        $this->line(sprintf(
            '%s %s lets one device in as %s, once, for %d minutes.',
            substr($code, 0, 3), substr($code, 3), $role->value, PairingCodes::GOOD_FOR / 60,
        ));

        return self::SUCCESS;
    }
}
