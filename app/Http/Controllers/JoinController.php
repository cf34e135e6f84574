<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SignIn;
use App\Log\Joining;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Coming aboard a day that somebody else opened. */
final class JoinController
{
    public function form(Request $request, string $code = ''): View
    {
        return view('crew.join', ['code' => $code, 'day' => Joining::day($code), 'angler' => $request->user()]);
    }

    public function join(Request $request): RedirectResponse
    {
        $given = $request->validate(['code' => ['required', 'string', 'max:20'], 'name' => ['required', 'string', 'max:40']]);
        $trip = Joining::day($given['code']);
        if ($trip === null) {
            throw ValidationException::withMessages(['code' => 'No boat answers to this code. It works for a day, while the day is open: ask for another.']);
        }
        $angler = $request->user();
        if ($angler instanceof User && ($angler->id === $trip->user_id || $trip->guestOf($angler) !== null)) {
            return redirect()->route('fish', $trip);
        }
        $guest = DB::transaction(static fn () => Joining::aboard($trip, $angler instanceof User ? $angler : null, trim($given['name'])));
        if (! $angler instanceof User) {
            SignIn::enter($request, $guest->user);
        }

        return redirect()->route('fish', $trip)->with('said', "Aboard as {$guest->name}. Take a rod in hand: what you log carries your name.");
    }
}
