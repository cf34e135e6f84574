<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Device;
use App\Models\User;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/** Signing in and out, device by device. */
final class SignIn
{
    /** What the device shows: in its session, and in a cookie for when that is over. */
    private const SHOWN = 'device';

    private const FIVE_YEARS_MIN = 5 * 365 * 24 * 60;

    public static function enter(Request $request, User $angler): void
    {
        Auth::login($angler, true);
        $request->session()->regenerate();
        self::note($request, $angler);
    }

    public static function leave(Request $request): void
    {
        $angler = Auth::user();
        $token = self::token($request);
        if ($angler instanceof User && $token !== null) {
            $angler->devices()->get()->each(static fn (Device $d): ?bool => $d->isThis($token) ? $d->delete() : null);
        }
        // The other devices stay signed in.
        $guard = Auth::guard('web');
        $guard instanceof SessionGuard ? $guard->logoutCurrentDevice() : Auth::logout();
        Cookie::queue(Cookie::forget(self::SHOWN));
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    /** Whether this device may go on: it was not signed out from another. */
    public static function stands(Request $request, User $angler): bool
    {
        $token = self::token($request);
        if ($token === null) {
            // A session from before devices were noted goes on; a cookie that only remembers does not.
            if (! Auth::viaRemember()) {
                self::note($request, $angler);
            }

            return ! Auth::viaRemember();
        }
        $request->session()->put(self::SHOWN, $token);

        return Device::isIn($angler, $token);
    }

    public static function token(Request $request): ?string
    {
        $shown = $request->session()->get(self::SHOWN) ?? $request->cookie(self::SHOWN);

        return is_string($shown) && $shown !== '' ? $shown : null;
    }

    private static function note(Request $request, User $angler): void
    {
        $token = Str::random(40);
        Device::enter($angler, $token, (string) $request->userAgent());
        $request->session()->put(self::SHOWN, $token);
        Cookie::queue(self::SHOWN, $token, self::FIVE_YEARS_MIN);
    }
}
