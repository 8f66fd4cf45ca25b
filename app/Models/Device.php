<?php

declare(strict_types=1);

namespace App\Models;

use App\Devices\Ability;
use App\Devices\Role;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as AuthenticatableContract;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What asks: a phone or a tablet that was let in, or the laptop Admek runs on, which is in no table.
 *
 * @property int $id
 * @property string $name
 * @property Role $role
 * @property bool $sees_places whether a guest is shown where the ground is
 * @property ?string $token its session holds; none once it is put out
 * @property Carbon $let_in_at
 * @property ?Carbon $seen_at
 * @property ?Carbon $put_out_at
 */
final class Device extends Model implements AuthenticatableContract
{
    use Authenticatable;

    public $timestamps = false;

    protected $table = 'devices';

    protected $fillable = ['name', 'role', 'sees_places', 'token', 'let_in_at', 'seen_at', 'put_out_at'];

    protected $attributes = ['sees_places' => false, 'seen_at' => null, 'put_out_at' => null];

    protected $casts = [
        'role' => Role::class, 'sees_places' => 'boolean', 'let_in_at' => 'datetime', 'seen_at' => 'datetime',
        'put_out_at' => 'datetime',
    ];

    /** The laptop itself, where whoever holds it is the captain. */
    public static function laptop(string $name): self
    {
        return new self(['name' => $name, 'role' => Role::Captain, 'token' => 'laptop']);
    }

    public function isLaptop(): bool
    {
        return ! $this->exists;
    }

    public function may(Ability $what): bool
    {
        return $this->role->may($what) || ($what === Ability::Places && $this->sees_places);
    }

    public function putOut(CarbonImmutable $now): void
    {
        $this->update(['token' => null, 'put_out_at' => $now]);
    }

    /** What a session names it by: a row of the same number in another copy of the data is another device. */
    public function getAuthIdentifierName(): string
    {
        return 'token';
    }
}
