<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Lake;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OldEddy\Conditions\Bottom;
use OldEddy\Conditions\Cover;
use OldEddy\Conditions\DockKind;
use OldEddy\Conditions\Structure;
use OldEddy\Docks\Extra;

/** Spots of a lake: marked, changed, dropped. */
final class SpotsController
{
    /** By its name within the lake: marked twice, it is one spot. */
    public function keep(Request $request, Lake $lake): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'lat' => ['required', 'numeric', 'between:-90,90'], 'lon' => ['required', 'numeric', 'between:-180,180'],
            'structure' => ['nullable', Rule::in(Structure::keys())], 'cover' => ['nullable', 'array'], 'cover.*' => [Rule::in(Cover::keys())], 'bottom' => ['nullable', Rule::in(Bottom::keys())],
            'shallow_ft' => ['nullable', 'numeric', 'between:0,500'], 'deep_ft' => ['nullable', 'numeric', 'between:0,500', 'gte:shallow_ft'], 'depth_nearby_ft' => ['nullable', 'numeric', 'between:0,1000'],
            'bank_faces_deg' => ['nullable', 'numeric', 'between:0,360'], 'object_height_ft' => ['nullable', 'numeric', 'between:0,999'], 'setback_ft' => ['nullable', 'numeric', 'between:0,999'],
            'origin' => ['nullable', Rule::in(['typed', 'found'])],
            'dock' => ['nullable', 'array'], 'dock.kind' => ['nullable', Rule::in(DockKind::keys())], 'dock.inside_ft' => ['required_with:dock.kind', 'nullable', 'numeric', 'between:0,100'], 'dock.outside_ft' => ['required_with:dock.kind', 'nullable', 'numeric', 'between:0,100'],
            'dock.walkway_ft' => ['nullable', 'numeric', 'between:0,500'], 'dock.extras' => ['nullable', 'array'], 'dock.extras.*' => [Rule::in(Extra::keys())],
        ], ['deep_ft.gte' => 'The deep end must not be shallower than the shallow end.']);
        $dock = $given['dock'] ?? [];
        $given['dock'] = isset($dock['kind']) ? ['kind' => $dock['kind'], 'inside_ft' => (float) $dock['inside_ft'], 'outside_ft' => (float) $dock['outside_ft'], 'walkway_ft' => (float) ($dock['walkway_ft'] ?? 15), 'extras' => $dock['extras'] ?? []] : null;
        $given['cover'] ??= [];
        $given += $lake->read((float) $given['lat'], (float) $given['lon']);
        $lake->spots()->updateOrCreate(['name' => $given['name']], array_filter($given, fn (mixed $value, string $key): bool => $key !== 'origin' || $value !== null, ARRAY_FILTER_USE_BOTH));

        return redirect()->route('lake', $lake)->with('said', "{$given['name']} is marked.");
    }

    /** A found feature that is not wanted is not offered again. */
    public function dismiss(Request $request, Lake $lake): RedirectResponse
    {
        $given = $request->validate(['feature' => ['required', 'string', 'max:60']]);
        $lake->update(['dropped' => array_slice(array_values(array_unique([...($lake->dropped ?? []), $given['feature']])), -500)]);

        return redirect()->route('lake', $lake)->with('said', 'Dropped: it is not offered again.');
    }

    public function drop(Lake $lake, int $spot): RedirectResponse
    {
        $lake->spots()->findOrFail($spot)->delete();

        return redirect()->route('lake', $lake)->with('said', 'The spot is dropped. What was logged there stays.');
    }
}
