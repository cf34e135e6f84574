<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** One-time codes for a forgotten password: whoever runs the program makes one, the angler types it once. */
final class Code
{
    public const MINUTES = 60;

    private const TRIES = 5;

    /** Letters and digits that are not taken for one another. */
    private const SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

    private const LONG = 10;

    /** A new code, in place of any older one. */
    public static function make(User $angler): string
    {
        $code = implode('', array_map(static fn (): string => self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)], range(1, self::LONG)));
        DB::table('codes')->updateOrInsert(['user_id' => $angler->id], ['hash' => Hash::make($code), 'tries' => 0, 'until' => now()->addMinutes(self::MINUTES)]);

        return $code;
    }

    /** Whether it is the angler's code; it is used up by that, and after a few wrong ones. */
    public static function take(User $angler, string $typed): bool
    {
        // Counted before it is looked at: two at once are two tries.
        $counted = DB::table('codes')->where('user_id', $angler->id)->where('tries', '<', self::TRIES)->where('until', '>', now())->increment('tries');
        $hash = $counted === 0 ? null : DB::table('codes')->where('user_id', $angler->id)->value('hash');

        return is_string($hash) && Hash::check(strtoupper(trim($typed)), $hash) && DB::table('codes')->where('user_id', $angler->id)->where('hash', $hash)->delete() === 1;
    }
}
