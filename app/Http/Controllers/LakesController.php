<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\PlanDrawing;
use App\Models\Lake;
use App\Show\Units;
use App\Waters\Files\Refused;
use App\Waters\GiveOut;
use App\Waters\SpotSheet;
use App\Waters\TakeIn;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OldEddy\Conditions\Bottom;
use OldEddy\Conditions\Cover;
use OldEddy\Conditions\Structure;
use OldEddy\Lake\FeatureFinder;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Lakes: their plan, what is read out of it, files in and out. */
final class LakesController
{
    /** So many found features are offered, the most marked of each kind first. */
    private const OFFERED_OF_A_KIND = 8;

    public function index(Request $request): View
    {
        return view('lakes.index', ['lakes' => $request->user()->lakes()->select(['id', 'name'])->withCount('spots')->orderBy('name')->get()]);
    }

    public function open(Request $request): RedirectResponse
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:80']]);

        return redirect()->route('lake', $request->user()->lakes()->firstOrCreate($given));
    }

    public function show(Request $request, Lake $lake): View
    {
        $grid = $lake->workingGrid();
        $known = $lake->spots->pluck('name')->flip();
        [$features, $seen] = [[], []];
        foreach ($grid === null ? [] : FeatureFinder::find($grid) as $feature) {
            if (in_array($feature->key(), $lake->dropped ?? [], true)) {
                continue;
            }
            $kind = $feature->kind->words();
            $n = $seen[$kind] = ($seen[$kind] ?? 0) + 1;
            $name = ucfirst($kind)." {$n}";
            // A kept one keeps its number, and is offered no more.
            if ($n <= self::OFFERED_OF_A_KIND && ! $known->has($name)) {
                $features[$kind][] = ['name' => $name, 'sign' => $kind[0].$n, 'feature' => $feature];
            }
        }

        return view('lakes.show', [
            'lake' => $lake, 'spots' => $lake->spots, 'features' => $features, 'plan' => $grid === null ? null : new PlanDrawing($grid),
            'sheet' => new SpotSheet(new Units($request->user()->isMetric())),
            'options' => ['structure' => Structure::keys(), 'cover' => Cover::keys(), 'bottom' => Bottom::keys()],
        ]);
    }

    public function takeIn(Request $request, Lake $lake): RedirectResponse
    {
        $given = $request->validate(['file' => ['required', 'file', 'max:32768'], 'cell' => ['nullable', 'numeric', 'between:1,500']], ['file.max' => 'The file is larger than 32 MB: read it by php artisan eddy:import.', 'file.uploaded' => 'The file did not arrive; over 32 MB it is read by php artisan eddy:import.']);
        try {
            return redirect()->route('lake', $lake)->with('said', 'Taken in: '.TakeIn::file($lake, $given['file']->getRealPath(), (float) ($given['cell'] ?? 10)));
        } catch (Refused $e) {
            return back()->withErrors(['file' => $e->getMessage()]);
        }
    }

    public function giveOut(Lake $lake, string $form): Response
    {
        $name = preg_replace('/[^a-z0-9]+/', '-', strtolower($lake->name));
        $head = fn (string $type, string $end): array => ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}.{$end}\""];

        return match ($form) {
            'gpx' => response(GiveOut::gpx($lake), 200, $head('application/gpx+xml', 'gpx')),
            'geojson' => response(GiveOut::geoJson($lake), 200, $head('application/geo+json', 'geojson')),
            default => new StreamedResponse(function () use ($lake): void {
                foreach (GiveOut::csv($lake) as $lines) {
                    echo $lines;
                }
            }, 200, $head('text/csv', 'csv')),
        };
    }
}
