<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Show\Word;
use App\Waters\SpotSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OldEddy\Day\Conditions\Structure;

/** Spots of a lake: marked, changed, dropped. */
final class SpotsController
{
    /** A spot that is known is changed; a new one is known by its name: marked twice, it is one spot. */
    public function keep(Request $request, Lake $lake): RedirectResponse
    {
        $given = (new SpotSheet($request->user()->units()))->read($request, $lake);
        $known = isset($given['id']) ? ['id' => $given['id']] : ['name' => $given['name']];
        $given += $lake->read((float) $given['lat'], (float) $given['lon']);
        $lake->spots()->updateOrCreate(
            $known,
            array_filter($given, fn (mixed $value, string $key): bool => $key !== 'id' && ($key !== 'origin' || $value !== null), ARRAY_FILTER_USE_BOTH),
        );

        return redirect()->route('lake', $lake)->with('said', "{$given['name']} is marked.");
    }

    /** A found feature that is not wanted is not offered again. */
    public function dismiss(Request $request, Lake $lake): RedirectResponse
    {
        $given = $request->validate(['feature' => ['required', 'string', 'max:60']]);
        $lake->update(['dropped' => array_slice(array_values(array_unique([...($lake->dropped ?? []), $given['feature']])), -500)]);

        return redirect()->route('lake', $lake)->with('said', 'Dropped: it is not offered again.');
    }

    /** Many spots at once: dropped, or said to be of one structure. */
    public function many(Request $request, Lake $lake): RedirectResponse
    {
        $given = $request->validate(
            [
                'do' => ['required', 'in:drop,structure'],
                'spots' => ['required', 'array', 'max:1000'],
                'spots.*' => ['integer'],
                'structure' => ['required_if:do,structure', 'nullable', Rule::in(Structure::keys())],
            ],
            ['spots.required' => 'Mark the spots first.', 'structure.required_if' => 'Say which structure they are.'],
        );
        $spots = LakeSpot::query()->where('lake_id', $lake->id)->where('out_with', 0)->whereKey($given['spots']);
        $count = $given['do'] === 'drop' ? $spots->delete() : $spots->update(['structure' => $given['structure']]);

        return redirect()->route('lake', $lake)->with(
            'said',
            $given['do'] === 'drop'
                ? "{$count} spots are dropped. What was logged there stays."
                : "{$count} spots are said to be ".Word::of((string) $given['structure']).'.',
        );
    }

    public function drop(Lake $lake, int $spot): RedirectResponse
    {
        $lake->spots()->findOrFail($spot)->delete();

        return redirect()->route('lake', $lake)->with('said', 'The spot is dropped. What was logged there stays.');
    }
}
