<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Trip;
use Illuminate\Contracts\View\View;
use OldEddy\Contract\FiredBy;
use OldEddy\Rules\Chapter;
use OldEddy\Rules\RuleBook;

final class RuleController
{
    public function index(): View
    {
        return view('rules.index', ['chapters' => Chapter::cases()]);
    }

    public function show(string $id): View
    {
        abort_unless(RuleBook::has($id), 404);

        return view('rules.show', ['rule' => RuleBook::rule($id)]);
    }

    /** The rule with what it says of this day, and the inputs that made it say so. */
    public function today(Trip $trip, string $id): View
    {
        abort_unless(RuleBook::has($id), 404);
        $conditions = [...$trip->conditions, 'schools' => $trip->user->schools()->toArray()];

        return view('rules.show', ['trip' => $trip, 'rule' => RuleBook::rule($id), 'firing' => FiredBy::rule($id, $conditions)]);
    }
}
