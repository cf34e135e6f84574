<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\PlanDrawing;
use App\Models\Lake;
use App\Models\PackedGrid;
use App\Show\Text;
use App\Waters\GiveOut;
use App\Waters\SpotSheet;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Lakes: their plan, what is read out of it, files in and out. */
final class LakesController
{
    /** So many found features are offered, the most marked of each kind first. */
    private const OFFERED_OF_A_KIND = 8;

    private const SPOTS_A_PAGE = 50;

    public function index(Request $request): View
    {
        return view('lakes.index', ['lakes' => $request->user()->lakes()->select(['id', 'name'])->withCount('spots')->orderBy('name')->get()]);
    }

    public function open(Request $request): RedirectResponse
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:80']]);

        return redirect()->route('lake', $request->user()->lakes()->firstOrCreate(['name' => Text::clean($given['name'], 80)]));
    }

    public function show(Request $request, Lake $lake): View
    {
        $given = $request->validate(
            ['q' => ['nullable', 'string', 'max:80'], 'page' => ['nullable', 'integer', 'between:1,100000'], 'spot' => ['nullable', 'integer']],
        );
        $spots = $lake->spots()->when(
            isset($given['q']),
            static fn (Builder $q) => $q->whereRaw('name collate utf8mb4_unicode_ci like ?', ['%'.addcslashes((string) ($given['q'] ?? ''), '%_\\').'%']),
        )->paginate(self::SPOTS_A_PAGE)->withQueryString();
        // After an error the form that was sent is open again.
        $id = $given['spot'] ?? $request->old('id');
        $chosen = is_numeric($id) ? $lake->spots()->find((int) $id) : null;
        $known = $lake->spots()->pluck('name')->flip();
        [$features, $seen] = [[], []];
        foreach ($lake->features() as $feature) {
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
            'lake' => $lake, 'spots' => $spots, 'chosen' => $chosen, 'asked' => $given['q'] ?? '', 'features' => $features,
            'plan' => PlanDrawing::of($lake, 0),
            'layers' => $lake->layers()->get(), 'sheet' => new SpotSheet($request->user()->units()),
            'options' => ['structure' => Structure::keys(), 'cover' => Cover::keys(), 'bottom' => Bottom::keys()],
        ]);
    }

    /** Every cell of the lake's grid, for a plan that is looked at closely; the key changes with the depths. */
    public function depths(Request $request, Lake $lake, string $key): Response
    {
        $packed = hash_equals($lake->depthsKey(), $key) ? $lake->packedGrid() : null;
        abort_if($packed === null, 404);
        $bytes = PackedGrid::tenths($packed);
        $head = ['Content-Type' => 'application/octet-stream', 'Cache-Control' => 'private, max-age=31536000, immutable', 'Vary' => 'Accept-Encoding'];

        return in_array('gzip', $request->getEncodings(), true) ? response((string) gzencode($bytes, 6), 200, ['Content-Encoding' => 'gzip'] + $head) : response($bytes, 200, $head);
    }

    public function giveOut(Lake $lake, string $form): Response
    {
        $name = preg_replace('/[^a-z0-9]+/', '-', strtolower($lake->name));
        $head = fn (string $type, string $end): array => ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}.{$end}\""];

        return match ($form) {
            'gpx' => response(GiveOut::gpx($lake), 200, $head('application/gpx+xml', 'gpx')),
            'geojson' => self::streamed(GiveOut::geoJson($lake), $head('application/geo+json', 'geojson')),
            default => self::streamed(GiveOut::csv($lake), $head('text/csv', 'csv')),
        };
    }

    /**
     * @param  iterable<string>  $pieces
     * @param  array<string, string>  $head
     */
    private static function streamed(iterable $pieces, array $head): StreamedResponse
    {
        return new StreamedResponse(static function () use ($pieces): void {
            foreach ($pieces as $piece) {
                echo $piece;
            }
        }, 200, $head);
    }
}
