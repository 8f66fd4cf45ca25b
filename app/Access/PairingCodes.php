<?php

declare(strict_types=1);

namespace App\Access;

use App\Devices\Role;
use App\Models\Device;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Str;
use SensitiveParameter;

/**
 * Codes a captain's screen shows to let one more device in. One at a time is good, once, for ten minutes; of wrong tries there
 * are five a minute for everybody together, so that in a code's life fifty of a million can be guessed at.
 */
final readonly class PairingCodes
{
    public const DIGITS = 6;

    /** s a code is good for. */
    public const GOOD_FOR = 600;

    private const MOST_TRIES = 5;

    /** s over which tries are counted. */
    private const PER = 60;

    public function __construct(private ConnectionInterface $data)
    {
    }

    /** A fresh code; the one before it is good no more. */
    public function make(Role $role, bool $seesPlaces, CarbonImmutable $now): string
    {
        $code = str_pad((string) random_int(0, 10 ** self::DIGITS - 1), self::DIGITS, '0', STR_PAD_LEFT);
        $this->takeBack();
        $this->data->table('pairing_codes')->insert([
            'code' => self::sealed($code), 'role' => $role->value, 'sees_places' => $seesPlaces,
            'made_at' => $now->getTimestamp(),
        ]);

        return $code;
    }

    public function takeBack(): void
    {
        $this->data->table('pairing_codes')->delete();
    }

    /**
     * Lets a device in by a code. In one transaction, kept whatever comes of it: a wrong try counts.
     *
     * @throws TooManyTries
     * @throws WrongCode
     */
    public function use(#[SensitiveParameter] string $code, string $name, CarbonImmutable $now): Device
    {
        $came = $this->data->transaction(fn (): Device|int|null => $this->tried($code, $name, $now));

        return match (true) {
            $came instanceof Device => $came,
            $came === null => throw new WrongCode,
            default => throw new TooManyTries($came),
        };
    }

    /** @return Device|int|null who is let in; else s until one may try again, or nothing where the code is wrong */
    private function tried(string $code, string $name, CarbonImmutable $now): Device|int|null
    {
        $time = $now->getTimestamp();
        $tries = $this->data->table('pairing_tries');
        // A clock put back would else hold everybody off.
        $tries->clone()->where('tried_at', '<=', $time - self::PER)->orWhere('tried_at', '>', $time)->delete();
        if ($tries->clone()->count() >= self::MOST_TRIES) {
            return max(1, self::PER - ($time - (int) $tries->clone()->min('tried_at')));
        }
        $made = $this->data->table('pairing_codes')->whereBetween('made_at', [$time - self::GOOD_FOR + 1, $time])->first();
        if ($made === null || ! hash_equals((string) $made->code, self::sealed($code))) {
            $tries->clone()->insert(['tried_at' => $time]);

            return null;
        }
        $this->takeBack();

        return Device::query()->create([
            'name' => $name, 'role' => Role::from((string) $made->role), 'sees_places' => (bool) $made->sees_places,
            'token' => Str::random(40), 'let_in_at' => $now, 'seen_at' => $now,
        ]);
    }

    /** A copy of the data tells nobody a code. */
    private static function sealed(string $code): string
    {
        return hash_hmac('sha256', $code, Config::string('app.key'));
    }
}
