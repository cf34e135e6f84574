<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\CsvColumns;
use App\Archive\CsvDates;
use App\Archive\CsvLog;
use App\Archive\CsvTable;
use App\Archive\LureNames;
use App\Jobs\SumDays;
use App\Jobs\WorkArchive;
use App\Log\Kinds\StintFields;
use App\Models\Archive;
use App\Waters\Files\Refused;
use App\Waters\Foreign\Sheets;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Day\Season\Species;
use OldEddy\Log\Evidence\Limits;

/** A log that was kept elsewhere: a file, its columns told, what it becomes shown, then taken in. */
final class CsvLogController
{
    private const MOST_KB = 4_000;

    /** So many names of lures are remembered. */
    private const MOST_NAMES = 300;

    /** So many rows are shown before any is taken. */
    private const SHOWN = 8;

    public function bring(Request $request): RedirectResponse
    {
        $given = $request->validate(['log' => ['required', 'file', 'max:'.self::MOST_KB]], ['log.max' => 'The table is larger than 4 MB: divide it.']);
        $path = (string) $given['log']->getRealPath();
        $isSheet = Sheets::form($path) !== null;
        try {
            $isSheet || CsvTable::of((string) $given['log']->get());
        } catch (Refused $e) {
            throw ValidationException::withMessages(['log' => $e->getMessage()]);
        }
        $brought = Archive::brought($request->user(), Archive::CSV, $path);
        // A spreadsheet is read by the queue's worker, never beside a page.
        $isSheet ? dispatch(new WorkArchive($brought->id)) : $brought->update(['state' => Archive::READY]);

        return redirect()->route('archive.columns', $brought->id);
    }

    public function columns(Request $request, int $archive): View|RedirectResponse
    {
        $brought = $this->brought($request, $archive);
        if ($brought->state !== Archive::READY) {
            return $brought->state === Archive::WAITING ? view('account.sheet', ['archive' => $archive])
                : redirect()->route('archive')->withErrors(['log' => (string) $brought->said]);
        }
        $table = $this->table($request, $archive);
        $columns = $request->has('columns') ? $this->told($request, $table) : CsvColumns::guessed($table->head);
        $else = $this->else($request);
        $lures = $this->lures($request);
        $log = new CsvLog($request->user(), $table, $columns, $else, $lures);
        $rows = isset($columns['date'], $columns['lure']) ? $log->rows() : [];

        return view('account.columns', [
            'archive' => $archive, 'table' => $table, 'columns' => $columns, 'else' => $else, 'said' => $brought->said, 'datesAreOpen' => $log->datesAreOpen(),
            'lures' => $lures, 'unknown' => $log->unknownLures(), 'all' => Catalog::keys(),
            'options' => StintFields::ofStint() + array_intersect_key(StintFields::ofContact(), ['kind' => true]) + ['species' => Species::keys()],
            'first' => array_slice(array_filter($rows, static fn (array $r): bool => $r['row'] !== null), 0, self::SHOWN, true),
            'left' => array_filter($rows, static fn (array $r): bool => $r['row'] === null), 'count' => count($rows), 'shown' => self::SHOWN,
        ]);
    }

    public function take(Request $request, int $archive): RedirectResponse
    {
        $table = $this->table($request, $archive);
        $columns = $this->told($request, $table);
        foreach (CsvColumns::NEEDED as $needed) {
            isset($columns[$needed]) || throw ValidationException::withMessages(["columns.{$needed}" => "Say which column is the {$needed}."]);
        }
        $lures = $this->lures($request);
        // What a name stands for is asked once.
        $lures === [] || $request->user()->update(['lure_names' => array_slice($lures + ($request->user()->lure_names ?? []), 0, self::MOST_NAMES)]);
        $took = (new CsvLog($request->user(), $table, $columns, $this->else($request), $lures))->take();
        $request->user()->archives()->whereKey($archive)->delete();
        SumDays::dispatch($request->user()->id);

        return redirect()->route('archive')->with('said', sprintf(
            '%d days, %d stints and %d contacts are new%s.', $took['days'], $took['stints'], $took['contacts'], $took['left'] === 0 ? '' : "; {$took['left']} lines were left out",
        ));
    }

    private function table(Request $request, int $archive): CsvTable
    {
        return CsvTable::of(implode('', iterator_to_array($this->brought($request, $archive)->body()->each(), false)));
    }

    private function brought(Request $request, int $archive): Archive
    {
        return $request->user()->archives()->where('way', Archive::CSV)->findOrFail($archive);
    }

    /** @return array<string, string> keys of ours by the table's names, as they were just told */
    private function lures(Request $request): array
    {
        $given = $request->validate(['lures' => ['nullable', 'array', 'max:'.self::MOST_NAMES], 'lures.*' => ['nullable', Rule::in(Catalog::keys())]]);
        $told = array_filter($given['lures'] ?? [], is_string(...));

        return array_combine(array_map(LureNames::plain(...), array_map(strval(...), array_keys($told))), array_values($told));
    }

    /** @return array<string, int> */
    private function told(Request $request, CsvTable $table): array
    {
        $given = $request->validate(['columns' => ['required', 'array:'.implode(',', array_keys(CsvColumns::SAYS))], 'columns.*' => ['nullable', 'integer', 'min:0', 'max:'.(count($table->head) - 1)]]);

        return array_map(intval(...), array_filter($given['columns'], static fn (mixed $c): bool => $c !== null && $c !== ''));
    }

    /** @return array{color: string, casts: int, depth: float, contact: string, units: string, species: string, first: string} */
    private function else(Request $request): array
    {
        $given = $request->validate([
            'color' => ['nullable', Rule::in(StintFields::ofStint()['color'])], 'casts' => ['nullable', 'integer', 'between:0,'.Limits::CASTS], 'depth' => ['nullable', 'numeric', 'between:0,'.Limits::DEPTH_FT],
            'contact' => ['nullable', Rule::in(StintFields::ofContact()['kind'])], 'units' => ['nullable', 'in:us,metric'],
            'first' => ['nullable', 'in:'.CsvDates::MONTH_FIRST.','.CsvDates::DAY_FIRST], 'species' => ['nullable', Rule::enum(Species::class)],
        ]);
        $units = $given['units'] ?? $request->user()->units;

        return [
            'color' => $given['color'] ?? 'natural_baitfish', 'casts' => (int) ($given['casts'] ?? 20), 'depth' => $request->user()->units()->take('depth', (float) ($given['depth'] ?? 3)),
            'contact' => $given['contact'] ?? 'caught', 'units' => $units, 'species' => $given['species'] ?? 'largemouth_bass', 'first' => $given['first'] ?? ($units === 'metric' ? CsvDates::DAY_FIRST : CsvDates::MONTH_FIRST),
        ];
    }
}
