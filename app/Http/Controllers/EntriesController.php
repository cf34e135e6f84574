<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\EventTaker;
use App\Log\Kinds\StintFields;
use App\Log\MomentOfDay;
use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** The log, put right at the table: the same events as the deck's, so that everything is weighed anew and can be taken back. */
final class EntriesController
{
    public function show(Trip $trip): View
    {
        return view('entries.show', [
            'trip' => $trip,
            'moments' => new MomentOfDay($trip),
            'stints' => $trip->stints()->with('contacts')->get(),
            'ofStint' => StintFields::ofStint(),
            'ofContact' => StintFields::ofContact(),
            'id' => fn (): string => (string) Str::uuid(),
        ]);
    }

    /** The form carries the id of its event: sent twice, it is taken once. */
    public function change(Request $request, Trip $trip): RedirectResponse
    {
        $given = $request->validate([
            'id' => ['required', 'uuid'], 'kind' => ['required', 'in:amend,detail,remove,contact,undo'],
            'fields' => ['nullable', 'array'], 'fields.*' => ['nullable', 'string', 'max:200'],
            'was' => ['nullable', 'array'], 'was.*' => ['nullable', 'string', 'max:200'],
            'stint' => ['nullable', 'uuid'], 'contact' => ['nullable', 'uuid'], 'target' => ['nullable', 'uuid'], 'contact_kind' => ['nullable', 'string', 'max:20'], 'at' => ['nullable', 'string', 'max:40'],
        ]);
        $fields = array_filter(
            $given['fields'] ?? [],
            fn (mixed $value, string $field): bool => (string) $value !== (string) ($given['was'][$field] ?? ''),
            ARRAY_FILTER_USE_BOTH,
        );
        if ($fields === [] && in_array($given['kind'], ['amend', 'detail'], true)) {
            return back()->with('said', 'Nothing was changed.');
        }
        $answer = (new EventTaker($trip))->take([array_filter([
            ...$given,
            'at' => $given['at'] ?? (now($trip->conditions['timezone'] ?? 'UTC')->format('Y-m-d\TH:i:s')),
            'fields' => $fields,
            'was' => array_map(fn (mixed $v): mixed => $v === '' ? null : $v, array_intersect_key($given['was'] ?? [], $fields)),
            'units' => $trip->user->units,
        ], fn (mixed $value): bool => $value !== null && $value !== [])])[0];

        return $answer['became'] === EventTaker::REFUSED
            ? back()->withErrors(['fields' => (string) $answer['message']])->withInput()
            : back()->with('said', 'Put right. The evidence is weighed anew.');
    }
}
