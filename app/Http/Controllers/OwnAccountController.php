<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Passwords;
use App\Http\SignIn;
use App\Models\Code;
use App\Models\DemoCopy;
use App\Models\Device;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The angler's own account: name, address, password, the devices that are signed in, and its end (G5). */
final class OwnAccountController
{
    private const TOKEN_LONG = 60;

    public function show(Request $request): View
    {
        return view('account.own', [
            'user' => $request->user(), 'devices' => $request->user()->devices()->orderByDesc('seen_on')->orderByDesc('id')->get(), 'token' => (string) SignIn::token($request),
            'isDemo' => $this->isDemo($request->user()),
        ]);
    }

    /** Somebody who came aboard without an account makes it one: what he logged, and where he is aboard, stays his. */
    public function become(Request $request): RedirectResponse
    {
        $user = $request->user();
        abort_unless($user->guest, 403);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:60'], 'email' => ['required', 'string', 'email', 'max:190', 'unique:users,email'], 'password' => ['required', new Passwords],
        ], ['email.unique' => 'Another account has this address.']);
        $user->forceFill($given + ['guest' => false, 'ends_at' => null])->save();

        return redirect()->route('account')->with('said', 'The account is yours.');
    }

    public function change(Request $request): RedirectResponse
    {
        $user = $this->own($request);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:60'], 'email' => ['required', 'string', 'email', 'max:190', Rule::unique('users', 'email')->ignore($user->id)],
            'password' => ['required', 'string', 'max:200'],
        ], ['email.unique' => 'Another account has this address.']);
        $this->sure($user, $given['password']);
        $user->update(['name' => $given['name'], 'email' => $given['email']]);

        return redirect()->route('account')->with('said', 'Kept.');
    }

    /** A new password signs out every other device. */
    public function password(Request $request): RedirectResponse
    {
        $user = $this->own($request);
        $given = $request->validate(['current_password' => ['required', 'string', 'max:200'], 'new_password' => ['required', new Passwords]]);
        $this->sure($user, $given['current_password'], 'current_password');
        $this->set($user, $given['new_password']);
        Device::leaveAllBut($user, (string) SignIn::token($request));
        Auth::login($user, true);

        return redirect()->route('account')->with('said', 'The new password holds. Every other device was signed out.');
    }

    public function signOutThere(Request $request, int $device): RedirectResponse
    {
        $there = $request->user()->devices()->findOrFail($device);
        $there->delete();

        return redirect()->route('account')->with('said', 'Signed out there.');
    }

    /** The account and all that belongs to it. */
    public function end(Request $request): RedirectResponse
    {
        $user = $this->own($request);
        $given = $request->validate(['end_password' => ['required', 'string', 'max:200']], [], ['end_password' => 'password']);
        $this->sure($user, $given['end_password'], 'end_password');
        SignIn::leave($request);
        DB::transaction(static fn () => $user->delete());
        // What was kept of the days and lakes is reckoned anew for all others.
        Cache::flush();

        return redirect()->route('sign-in')->with('said', 'Your account and everything in it is gone.');
    }

    public function forgottenForm(): View
    {
        return view('account.forgotten', ['minutes' => Code::MINUTES]);
    }

    /** A one-time code, which whoever runs the program hands over, sets a new password. */
    public function forgotten(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'email' => ['required', 'string', 'email', 'max:190'], 'code' => ['required', 'string', 'max:40'], 'password' => ['required', new Passwords],
        ]);
        $user = User::query()->where('email', $given['email'])->first();
        if ($user === null || $this->isDemo($user) || ! Code::take($user, $given['code'])) {
            throw ValidationException::withMessages(['code' => 'This address and code do not belong together, or the code is used up. Ask for another.']);
        }
        $this->set($user, $given['password']);
        Device::leaveAllBut($user, '');
        SignIn::enter($request, $user);

        return redirect()->route('days')->with('said', 'The new password holds. Every device was signed out but this one.');
    }

    private function set(User $user, string $password): void
    {
        // What other devices remember holds no longer.
        $user->forceFill(['password' => $password, 'remember_token' => Str::random(self::TOKEN_LONG)])->save();
    }

    /** The demo's account is everybody's, and a visitor's copy ends by itself: neither is changed. */
    private function own(Request $request): User
    {
        /** @var User $user */
        $user = $request->user();
        abort_if($this->isDemo($user), 403);

        return $user;
    }

    private function isDemo(User $user): bool
    {
        return $user->email === DemoCopy::EMAIL || $user->ends_at !== null;
    }

    private function sure(User $user, string $password, string $field = 'password'): void
    {
        if (! password_verify($password, (string) $user->getAuthPassword())) {
            throw ValidationException::withMessages([$field => 'That is not your password.']);
        }
    }
}
