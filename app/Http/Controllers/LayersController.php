<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\SurveyDrawing;
use App\Jobs\TakeLayer;
use App\Models\Lake;
use App\Models\Layer;
use App\Waters\Files\Refused;
use App\Waters\Foreign\Converted;
use App\Waters\Layers;
use App\Waters\LayersAtWork;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OldEddy\Where\Lake\Soundings;

/** Files given for a lake: read, understood, laid, taken out, put back. Long ones are read by the queue. */
final class LayersController
{
    public const MOST_KB = 32 * 1024;

    /** A file up to this size is read while the angler waits, when nobody else's turn it is. */
    private const AT_ONCE_BYTES = 400_000;

    private const WAITING_FILES = 20;

    public function take(Request $request, Lake $lake): RedirectResponse
    {
        [$least, $most] = Soundings::CELL_M;
        $given = $request->validate(
            ['file' => ['required', 'file', 'max:'.self::MOST_KB], 'cell' => ['nullable', 'numeric', "between:{$least},{$most}"]],
            [
                'file.max' => 'The file is larger than 32 MB: take it in by php artisan eddy:import.',
                'file.uploaded' => 'The file did not arrive whole; over 32 MB it is taken in by php artisan eddy:import.',
            ],
        );
        if ($lake->layers()->where('state', Layer::WAITING)->count() >= self::WAITING_FILES) {
            return back()->withErrors(['file' => sprintf('%d files of this lake wait to be read already. Wait for them, or drop some.', self::WAITING_FILES)]);
        }
        if (isset($given['cell'])) {
            $lake->update(['cell_m' => (float) $given['cell']]);
        }
        try {
            $path = (string) $given['file']->getRealPath();
            $layer = (new Layers($lake))->add(
                (string) $given['file']->getClientOriginalName(), $path, Converted::isNeeded($path) ? ['foreign' => '1'] : [],
            );
        } catch (Refused $e) {
            return back()->withErrors(['file' => $e->getMessage()]);
        }

        return $this->read($lake, $layer, true);
    }

    /** How a file is understood, and what it leaves open. */
    public function show(Lake $lake, int $layer): View
    {
        /** @var Layer $one */
        $one = $lake->layers()->findOrFail($layer);

        return view('lakes.layer', ['lake' => $lake, 'layer' => $one, 'drawing' => SurveyDrawing::of($one->found ?? []), 'said' => $one->understood ?? []]);
    }

    /** The angler's answers: looked at again, or taken in as they are. */
    public function answer(Request $request, Lake $lake, int $layer): RedirectResponse
    {
        $given = $request->validate([
            'then' => ['required', 'in:look,take'],
            'unit' => ['nullable', 'in:ft,m,fathom'], 'order' => ['nullable', 'in:lonlat,latlon'], 'sign' => ['nullable', 'in:depth,minus,elevation'],
            'surface' => ['nullable', 'numeric', 'between:-1000,30000', 'required_if:sign,elevation'], 'level' => ['nullable', 'numeric', 'between:-300,300'],
            'lines' => ['nullable', 'string', 'max:120'], 'areas' => ['nullable', 'string', 'max:120'], 'points' => ['nullable', 'string', 'max:120'], 'shore' => ['nullable', 'in:cut,draw'],
            'srs' => ['nullable', 'integer', 'between:1024,100000'], 'part' => ['nullable', 'string', 'max:200'], 'band' => ['nullable', 'integer', 'between:1,10000'],
            'sheet' => ['nullable', 'string', 'max:200'], 'west' => ['nullable', 'in:yes,no'], 'deep' => ['nullable', 'in:leave'], 'heights' => ['nullable', 'in:leave,depth,minus'],
            'columns' => ['nullable', 'array', 'size:3'], 'columns.*' => ['nullable', 'integer', 'between:0,500', 'distinct'],
        ], ['columns.*.distinct' => 'Longitude, latitude and depth stand in three different columns.', 'surface.required_if' => 'Say how high the water stands, in the unit of the file.'], ['surface' => 'height of the water', 'level' => 'level of the water', 'srs' => 'EPSG number']);
        /** @var Layer $one */
        $one = $lake->layers()->findOrFail($layer);
        $said = array_filter([...($one->understood ?? []), ...$given], static fn (mixed $v): bool => $v !== null && $v !== '');
        unset($said['then'], $said['look'], $said['level']);
        if (isset($given['level'])) {
            $said['levelFt'] = $request->user()->units()->take('depth', (float) $given['level']);
        }
        $one->update([
            'understood' => ['seen' => '1'] + $said + ($given['then'] === 'look' ? ['look' => '1'] : []),
            'state' => Layer::WAITING,
            'problem' => null,
            'heard_at' => now(),
        ]);

        return $this->read($lake, $one, false);
    }

    public function change(Request $request, Lake $lake, int $layer): RedirectResponse
    {
        $given = $request->validate(['do' => ['required', 'in:out,back,drop,name,again'], 'name' => ['required_if:do,name', 'nullable', 'string', 'max:120']]);
        /** @var Layer $one */
        $one = $lake->layers()->findOrFail($layer);
        if ($given['do'] === 'name') {
            $one->update(['name' => $given['name']]);

            return redirect()->route('lake', $lake)->with('said', 'Named.');
        }
        if ($given['do'] === 'again') {
            $one->update(['state' => Layer::WAITING, 'problem' => null, 'heard_at' => now()]);

            return $this->read($lake, $one, false);
        }
        $wrong = match ($given['do']) {
            'out' => $one->state !== Layer::LAID,
            'back' => $one->state !== Layer::OUT,
            default => false,
        };
        if (! $wrong) {
            // What is made anew is made of all layers, those of other programs among them.
            $this->work($lake, new TakeLayer($one->id, $given['do']), $lake->layers()->where('understood->foreign', '1')->exists());
        }

        return redirect()->route('lake', $lake)->with(
            'said',
            ['out' => 'Taken out. It can be put back.', 'back' => 'Put back.', 'drop' => 'Dropped.'][$given['do']],
        );
    }

    /** How far the reading is, for the page that waits. */
    public function progress(Lake $lake): JsonResponse
    {
        return new JsonResponse(
            ['layers' => $lake->layers()->where('state', Layer::WAITING)->get()->map(
                static fn (Layer $l): array => ['id' => $l->id, 'read' => $l->things_read, 'stuck' => $l->isStuck()],
            )->all()],
        );
    }

    private function read(Lake $lake, Layer $layer, bool $fresh): RedirectResponse
    {
        $this->work($lake, new TakeLayer($layer->id), isset($layer->understood['foreign']) || isset($layer->understood['srs']));
        $layer->refresh();
        if ($layer->state === Layer::REFUSED) {
            // A file that was only just given is not kept; one that was asked about keeps what was answered.
            $fresh && $layer->delete();

            return back()->withErrors(['file' => $layer->problem])->withInput();
        }

        return match ($layer->state) {
            Layer::ASKS => redirect()->route('layer', [$lake, $layer->id]),
            Layer::LAID => redirect()->route('lake', $lake)->with('said', 'Taken in: '.($layer->found['said'] ?? $layer->name)),
            default => redirect()->route('lake', $lake)->with('said', "{$layer->name} is being read."),
        };
    }

    /** At once where that is quick, else by the queue; what other programs read for us, never beside a page. */
    private function work(Lake $lake, TakeLayer $job, bool $queued = false): void
    {
        $bytes = (int) $lake->layers()->sum('bytes');
        if ($queued || $bytes > self::AT_ONCE_BYTES || ! LayersAtWork::isFree($lake->user_id)) {
            dispatch($job);
        } else {
            dispatch_sync($job);
        }
    }
}
