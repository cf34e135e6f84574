<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Trip;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Who may do what with a day. To everybody else it does not exist: neither its name nor that there is one is told. */
final class TripPolicy
{
    /** Whose day it is: everything. */
    public function own(User $angler, Trip $trip): Response
    {
        return $trip->user_id === $angler->id ? Response::allow() : Response::denyAsNotFound();
    }

    /** The owner and the guests of the day: its deck, its log and its crew. */
    public function fish(User $angler, Trip $trip): Response
    {
        return $trip->user_id === $angler->id || $trip->guestOf($angler) !== null ? Response::allow() : Response::denyAsNotFound();
    }
}
