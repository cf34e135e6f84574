<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\CsvColumns;
use App\Archive\CsvLog;
use App\Archive\CsvTable;
use App\Log\Kinds\StintFields;
use App\Models\Archive;
use App\Waters\Files\Refused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OldEddy\Day\Season\Species;
use OldEddy\Log\Evidence\Limits;

/** A log that was kept elsewhere: a file, its columns told, what it becomes shown, then taken in. */
final class CsvLogController
{
    private const MOST_KB = 4_000;

    /** So many rows are shown before any is taken. */
    private const SHOWN = 8;

    public function bring(Request $request): RedirectResponse
    {
        $given = $request->validate(['log' => ['required', 'file', 'max:'.self::MOST_KB]], ['log.max' => 'The table is larger than 4 MB: divide it.']);
        try {
            CsvTable::of((string) $given['log']->get());
        } catch (Refused $e) {
            throw ValidationException::withMessages(['log' => $e->getMessage()]);
        }

        return redirect()->route('archive.columns', Archive::brought($request->user(), Archive::CSV, $given['log']->getRealPath())->id);
    }

    public function columns(Request $request, int $archive): View
    {
        $table = $this->table($request, $archive);
        $columns = $request->has('columns') ? $this->told($request, $table) : CsvColumns::guessed($table->head);
        $else = $this->else($request);
        $rows = isset($columns['date'], $columns['lure']) ? (new CsvLog($request->user(), $table, $columns, $else))->rows() : [];

        return view('account.columns', [
            'archive' => $archive, 'table' => $table, 'columns' => $columns, 'else' => $else,
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
        $took = (new CsvLog($request->user(), $table, $columns, $this->else($request)))->take();
        $request->user()->archives()->whereKey($archive)->delete();

        return redirect()->route('archive')->with('said', sprintf(
            '%d days, %d stints and %d contacts are new%s.', $took['days'], $took['stints'], $took['contacts'], $took['left'] === 0 ? '' : "; {$took['left']} lines were left out",
        ));
    }

    private function table(Request $request, int $archive): CsvTable
    {
        $brought = $request->user()->archives()->where('way', Archive::CSV)->findOrFail($archive);

        return CsvTable::of(implode('', iterator_to_array($brought->body()->each(), false)));
    }

    /** @return array<string, int> */
    private function told(Request $request, CsvTable $table): array
    {
        $given = $request->validate(['columns' => ['required', 'array:'.implode(',', array_keys(CsvColumns::SAYS))], 'columns.*' => ['nullable', 'integer', 'min:0', 'max:'.(count($table->head) - 1)]]);

        return array_map(intval(...), array_filter($given['columns'], static fn (mixed $c): bool => $c !== null && $c !== ''));
    }

    /** @return array{color: string, casts: int, depth: float, contact: string, units: string, species: string} */
    private function else(Request $request): array
    {
        $given = $request->validate([
            'color' => ['nullable', Rule::in(StintFields::ofStint()['color'])], 'casts' => ['nullable', 'integer', 'between:0,'.Limits::CASTS], 'depth' => ['nullable', 'numeric', 'between:0,'.Limits::DEPTH_FT],
            'contact' => ['nullable', Rule::in(StintFields::ofContact()['kind'])], 'units' => ['nullable', 'in:us,metric'], 'species' => ['nullable', Rule::enum(Species::class)],
        ]);
        $units = $given['units'] ?? $request->user()->units;

        return [
            'color' => $given['color'] ?? 'natural_baitfish', 'casts' => (int) ($given['casts'] ?? 20), 'depth' => $request->user()->units()->take('depth', (float) ($given['depth'] ?? 3)),
            'contact' => $given['contact'] ?? 'caught', 'units' => $units, 'species' => $given['species'] ?? 'largemouth_bass',
        ];
    }
}
