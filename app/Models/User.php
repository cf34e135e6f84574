<?php

declare(strict_types=1);

namespace App\Models;

use App\Show\Units;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Fish\BagLimits;

/**
 * An angler with an account.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $units us or metric
 * @property bool $own_success whether one's own success moves the lineup (M24)
 * @property array<string, string>|null $schools
 * @property array<string, string>|null $lure_names keys of lures by the angler's own names for them
 * @property array{number?: int, least?: array<string, float>}|null $limits the angler's own for the bag (Y7)
 * @property ?Carbon $created_at
 * @property ?Carbon $ends_at when a visitor's copy of the demo, or a guest without an account, is thrown away
 * @property ?Carbon $aboard_at when he came aboard somebody's day last
 * @property bool $guest came aboard for a day, without an account
 * @property list<array<string, mixed>>|null $box what the lineup asks of the box (K4)
 */
final class User extends Authenticatable
{
    use AskedOnce;

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password', 'units', 'schools', 'own_success', 'limits', 'lure_names'];

    protected $attributes = ['units' => 'us', 'schools' => null, 'own_success' => true, 'limits' => null, 'lure_names' => null, 'box' => null, 'ends_at' => null, 'guest' => false, 'aboard_at' => null];

    protected $hidden = ['password', 'remember_token'];

    /**
     * An account to which nobody can sign in again, and which ends: a visitor's, a guest's.
     *
     * @param  array<string, mixed>  $more  name, units and whatever else it has
     */
    public static function thatEnds(string $whose, DateTimeInterface $at, array $more): self
    {
        $angler = new self;
        $angler->forceFill([
            'email' => "{$whose}-".Str::lower(Str::random(20)).'@old-eddy.example', 'password' => Str::random(40), 'ends_at' => $at, ...$more,
        ])->save();

        return $angler;
    }

    /** @return HasMany<Trip, $this> */
    public function trips(): HasMany
    {
        return $this->hasMany(Trip::class);
    }

    /** @return HasMany<Lake, $this> */
    public function lakes(): HasMany
    {
        return $this->hasMany(Lake::class);
    }

    /** @return HasMany<BoxItem, $this> what is in the box */
    public function items(): HasMany
    {
        return $this->hasMany(BoxItem::class);
    }

    /** @return HasMany<Device, $this> that are signed in */
    public function devices(): HasMany
    {
        return $this->hasMany(Device::class);
    }

    /** @return HasMany<Archive, $this> made for him, or brought by him */
    public function archives(): HasMany
    {
        return $this->hasMany(Archive::class);
    }

    /** @return HasMany<Guest, $this> days of others on which he is aboard */
    public function aboard(): HasMany
    {
        return $this->hasMany(Guest::class);
    }

    /** The angler's own limits for the bag; they are never the law (Y7). */
    public function bagLimits(): BagLimits
    {
        return new BagLimits($this->limits['number'] ?? BagLimits::USUAL, array_map(floatval(...), $this->limits['least'] ?? []));
    }

    public function isMetric(): bool
    {
        return $this->units === 'metric';
    }

    /** Shows numbers and sentences in the angler's own units. */
    public function units(): Units
    {
        return new Units($this->isMetric());
    }

    public function schools(): Schools
    {
        return new Schools($this->schools ?? []);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['own_success' => 'boolean', 'password' => 'hashed', 'schools' => 'array', 'limits' => 'array', 'lure_names' => 'array', 'box' => 'array', 'ends_at' => 'datetime', 'guest' => 'boolean', 'aboard_at' => 'datetime'];
    }
}
