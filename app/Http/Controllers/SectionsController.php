<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\StateOfDay;
use App\Models\Trip;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Day\Season\Stage;
use OldEddy\Plan\SectionPlans;

/** The sections of a lake side by side: one lake holds several seasons at once. */
final class SectionsController
{
    public function show(Trip $trip): View
    {
        $said = $trip->conditions['sections'] ?? [];
        // The lake's own sections wait to be measured.
        $names = array_diff(array_column($trip->lake->sections ?? [], 'name'), array_column($said, 'name'));

        return view('sections.show', [
            'trip' => $trip, 'plans' => SectionPlans::of($trip->told()),
            'sections' => array_slice([...$said, ...array_map(static fn (string $name): array => ['name' => $name], array_values($names))], 0, 12),
        ]);
    }

    /** Rows without a name are dropped: emptying a name removes its section. */
    public function keep(Request $request, Trip $trip): RedirectResponse
    {
        $given = $request->validate([
            'sections' => ['required', 'array', 'list', 'max:12'],
            'sections.*' => ['array:name,temp,visibility,stage'],
            'sections.*.name' => ['nullable', 'string', 'max:60'],
            'sections.*.temp' => ['nullable', 'numeric'],
            'sections.*.visibility' => ['nullable', 'numeric'], 'sections.*.stage' => ['nullable', Rule::enum(Stage::class)],
        ]);
        $number = static fn (mixed $value): ?float => is_numeric($value) ? (float) $value : null;
        $named = array_values(array_filter($given['sections'], static fn (array $s): bool => trim((string) ($s['name'] ?? '')) !== ''));
        try {
            StateOfDay::divide(
                $trip,
                array_map(
                    static fn (array $s): array => [
                        'name' => $s['name'],
                        'temp' => $number($s['temp'] ?? null),
                        'visibility' => $number($s['visibility'] ?? null),
                        'stage' => $s['stage'] ?? null,
                    ],
                    $named,
                ),
                $trip->user->units(),
            );
        } catch (InvalidInput $e) {
            throw ValidationException::withMessages(
                array_combine(array_column($e->toArray(), 'path'), array_map(static fn (array $p): string => "{$p['path']} {$p['message']}", $e->toArray())),
            );
        }

        return redirect()->route('sections', $trip)->with('said', 'Kept.');
    }
}
