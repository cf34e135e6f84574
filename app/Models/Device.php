<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;

/**
 * A device that is signed in. Which ones of an angler are is kept beside, so that no page asks the database for it.
 *
 * @property int $id
 * @property int $user_id
 * @property string $token its hash
 * @property string $name as far as the browser tells
 * @property Carbon $seen_on
 */
final class Device extends Model
{
    use AskedOnce;

    protected $table = 'devices';

    protected $fillable = ['user_id', 'token', 'name', 'seen_on'];

    /** Notes a device that signs in; what it shows from now on is the token. */
    public static function enter(User $angler, string $token, string $browser): self
    {
        /** @var self */
        return self::query()->create(['user_id' => $angler->id, 'token' => self::hash($token), 'name' => self::nameOf($browser), 'seen_on' => now()->toDateString()]);
    }

    /** Whether an angler's device with this token is signed in; once a day it is noted that it was seen. */
    public static function isIn(User $angler, string $token): bool
    {
        $seen = Cache::rememberForever(self::key($angler->id), static fn (): array => self::query()->where('user_id', $angler->id)->pluck('seen_on', 'token')
            ->map(static fn (mixed $on): string => substr((string) $on, 0, 10))->all())[self::hash($token)] ?? null;
        if ($seen !== null && $seen !== now()->toDateString()) {
            self::query()->where('token', self::hash($token))->update(['seen_on' => now()->toDateString()]);
            self::forget($angler->id);
        }

        return $seen !== null;
    }

    /** Signs out all of an angler's devices but one. */
    public static function leaveAllBut(User $angler, string $token): void
    {
        self::query()->where('user_id', $angler->id)->where('token', '!=', self::hash($token))->delete();
        self::forget($angler->id);
    }

    public function isThis(string $token): bool
    {
        return hash_equals($this->token, self::hash($token));
    }

    /** "A phone", as far as its browser tells: no more of it is kept. */
    private static function nameOf(string $browser): string
    {
        return match (true) {
            str_contains($browser, 'Mobile'), str_contains($browser, 'Android') => 'A phone',
            str_contains($browser, 'Tablet') => 'A tablet',
            $browser === '' => 'A device',
            default => 'A computer',
        };
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    private static function key(int $angler): string
    {
        return "devices:{$angler}";
    }

    private static function forget(int $angler): void
    {
        Cache::forget(self::key($angler));
    }

    protected static function booted(): void
    {
        self::saved(static fn (self $device) => self::forget($device->user_id));
        self::deleted(static fn (self $device) => self::forget($device->user_id));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_on' => 'date'];
    }
}
