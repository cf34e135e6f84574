<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Passwords;
use App\Http\SignIn;
use App\Models\DemoCopy;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class AccountController
{
    private const TAKEN = 'There is an account with this address already. Sign in instead.';

    /** Tries for one address from one sender, and from one sender for any address, a minute. */
    private const TRIES = 5;

    private const TRIES_OF_SENDER = 30;

    /** A hash that no password has: an address that is not known takes as long to answer as one that is. */
    private const NOBODY = '$2y$12$9S0dGkYyN5mE1tQ3uV7wXeZ4bR6nC8aL2kJ0hF5gD1sP3oI7uY9tO';

    public function signInForm(): View
    {
        return view('account.sign-in', FirstLookController::drawn());
    }

    public function signIn(Request $request): RedirectResponse
    {
        $given = $request->validate(['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']]);
        $key = 'sign-in:'.sha1(Str::lower($given['email']).'|'.$request->ip());
        $sender = 'sign-in-from:'.sha1((string) $request->ip());
        foreach ([$key => self::TRIES, $sender => self::TRIES_OF_SENDER] as $limit => $tries) {
            if (RateLimiter::tooManyAttempts($limit, $tries)) {
                throw ValidationException::withMessages(
                    ['email' => sprintf('Too many tries. Try again in %d seconds.', RateLimiter::availableIn($limit))],
                )->status(429);
            }
        }
        $user = User::query()->where('email', $given['email'])->first();
        if (! password_verify($given['password'], $user->password ?? self::NOBODY) || $user === null) {
            RateLimiter::hit($key);
            RateLimiter::hit($sender);
            throw ValidationException::withMessages(['email' => 'No account has this address and password together.']);
        }
        RateLimiter::clear($key);
        // The demo's own account stays as it is: whoever signs in to it gets a copy, as whoever looks around does.
        SignIn::enter($request, $user->email === DemoCopy::EMAIL ? DemoCopy::of($user) : $user);

        return redirect()->intended(route('days'));
    }

    public function registerForm(): View
    {
        return view('account.register');
    }

    public function register(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:60'],
            'email' => ['required', 'string', 'email', 'max:190', 'unique:users,email'],
            'password' => ['required', new Passwords],
        ], ['email.unique' => self::TAKEN]);
        try {
            $user = User::query()->create($given);
        } catch (UniqueConstraintViolationException) {
            // Two registrations of one address at once: the other was first.
            throw ValidationException::withMessages(['email' => self::TAKEN]);
        }
        SignIn::enter($request, $user);

        return redirect()->route('days');
    }

    public function lookAround(Request $request): RedirectResponse
    {
        SignIn::enter($request, DemoCopy::of(User::query()->where('email', DemoCopy::EMAIL)->firstOrFail()));

        return redirect()->route('days');
    }

    public function signOut(Request $request): RedirectResponse
    {
        SignIn::leave($request);

        return redirect()->route('sign-in');
    }

    /** A fresh page token for a page that stood open longer than its session. */
    public function token(): JsonResponse
    {
        return new JsonResponse(['token' => csrf_token()]);
    }
}
