<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;

final class AccountController
{
    public const DEMO_EMAIL = 'marlo@old-eddy.example';

    private const TRIES = 5;

    public function signInForm(): View
    {
        return view('account.sign-in');
    }

    public function signIn(Request $request): RedirectResponse
    {
        $given = $request->validate(['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']]);
        $key = 'sign-in:'.sha1(Str::lower($given['email']).'|'.$request->ip());
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages(['email' => sprintf('Too many tries. Try again in %d seconds.', RateLimiter::availableIn($key))])->status(429);
        }
        if (! Auth::attempt($given, true)) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages(['email' => 'No account has this address and password together.']);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

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
            'password' => ['required', 'string', 'max:200', Password::min(8)],
        ], ['email.unique' => 'There is an account with this address already. Sign in instead.']);
        $this->enter($request, User::query()->create($given));

        return redirect()->route('days');
    }

    public function lookAround(Request $request): RedirectResponse
    {
        $this->enter($request, User::query()->where('email', self::DEMO_EMAIL)->firstOrFail());

        return redirect()->route('days');
    }

    public function signOut(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }

    /** A fresh page token for a page that stood open longer than its session. */
    public function token(): JsonResponse
    {
        return new JsonResponse(['token' => csrf_token()]);
    }

    private function enter(Request $request, User $user): void
    {
        Auth::login($user, true);
        $request->session()->regenerate();
    }
}
