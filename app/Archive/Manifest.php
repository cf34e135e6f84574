<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\User;

/** What an archive says of itself. */
final class Manifest
{
    public const FORMAT = 'Old Eddy archive';

    public const VERSION = 1;

    /** Whose an archive is, without telling who that is: only this installation knows its own accounts again. */
    public static function account(User $angler): string
    {
        return hash_hmac('sha256', "archive of {$angler->id} since {$angler->created_at?->timestamp}", (string) config('app.key'));
    }

    /**
     * @param  array<string, int>  $counts  rows by file
     * @return array<string, mixed>
     */
    public static function of(User $angler, array $counts): array
    {
        return [
            'format' => self::FORMAT, 'version' => self::VERSION, 'made_at' => now()->toIso8601ZuluString(), 'account' => self::account($angler),
            'units' => 'feet, inches, pounds, ounces, miles an hour, degrees Fahrenheit; times of the log are those of the water',
            'files' => $counts,
            'left_out' => ['password and address', 'devices that are signed in', 'links that share a report', 'codes and guests of a day', 'sums, which are made anew of the log'],
        ];
    }
}
