<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\DemoCopy;
use App\Models\Guest;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** How others come aboard a day (G2): by a code that is good until tomorrow, with an account or for this day only. */
final class Joining
{
    public const CODE_LONG = 8;

    /** Letters and digits that nobody takes for another, read out over an engine. */
    private const LETTERS = 'ACDEFHJKLMNPQRTUVWXY34679';

    private const HOURS = 24;

    /** More than any boat carries. */
    private const MOST = 7;

    /** Who came without an account is forgotten after so many days; what he logged stays under his name. */
    private const FORGOTTEN_DAYS = 30;

    /** The code of a day while it works. */
    public static function code(Trip $trip): ?string
    {
        return $trip->join_code !== null && $trip->join_until?->isFuture() === true && $trip->isOpen() ? $trip->join_code : null;
    }

    public static function open(Trip $trip): void
    {
        $code = implode('', array_map(static fn (): string => self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)], range(1, self::CODE_LONG)));
        Trip::query()->whereKey($trip->id)->toBase()->update(['join_code' => $code, 'join_until' => now()->addHours(self::HOURS)]);
    }

    public static function close(Trip $trip): void
    {
        Trip::query()->whereKey($trip->id)->toBase()->update(['join_code' => null]);
    }

    /** The day that a code opens, as it was typed or read; null where it opens none. */
    public static function day(string $code): ?Trip
    {
        $code = strtoupper((string) preg_replace('/[^A-Za-z0-9]/', '', $code));
        $trip = strlen($code) === self::CODE_LONG ? Trip::query()->with(['user', 'guests'])->where('join_code', $code)->first() : null;

        return $trip !== null && self::code($trip) !== null ? $trip : null;
    }

    /** Comes aboard; the name is refused where somebody aboard is called so. */
    public static function aboard(Trip $trip, ?User $angler, string $name): Guest
    {
        // One after the other: two who come at once are not both the seventh.
        Trip::query()->toBase()->where('id', $trip->id)->lockForUpdate()->value('id');
        $trip->load('guests');
        $others = $trip->stints()->toBase()->reorder()->whereNotNull('user_id')->where('user_id', '!=', $angler->id ?? 0)->distinct()->pluck('angler')->filter()->all();
        if (in_array(Str::lower($name), array_map(Str::lower(...), [...$trip->aboard(), ...$others]), true)) {
            throw ValidationException::withMessages(['name' => "Somebody aboard is called {$name} already: say another name."]);
        }
        if ($trip->guests->count() >= self::MOST) {
            throw ValidationException::withMessages(['code' => 'This boat is full.']);
        }
        $angler ??= self::withoutAccount($name, $trip->user->units);
        try {
            $guest = $trip->guests()->create(['user_id' => $angler->id, 'name' => $name]);
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages(['name' => "Somebody aboard is called {$name} already: say another name."]);
        }
        $angler->forceFill(['aboard_at' => now()])->save();
        // What the owner's phone logged for him so far is his.
        $trip->stints()->toBase()->reorder()->whereNull('user_id')->where('angler', $name)->update(['user_id' => $angler->id]);

        return $guest->setRelation('user', $angler);
    }

    /** Sends a guest ashore: the code that he knows opens nothing any more. */
    public static function ashore(Guest $guest): void
    {
        DB::transaction(static function () use ($guest): void {
            self::close($guest->trip);
            $guest->delete();
        });
    }

    private static function withoutAccount(string $name, string $units): User
    {
        DemoCopy::tidy();

        return User::thatEnds('guest', now()->addDays(self::FORGOTTEN_DAYS), ['name' => $name, 'units' => $units, 'guest' => true]);
    }
}
