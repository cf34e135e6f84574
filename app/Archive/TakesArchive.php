<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\BoxItem;
use App\Models\DerivedId;
use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Pieces;
use App\Models\Trip;
use App\Models\User;
use App\Waters\Files\Refused;
use Closure;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use OldEddy\Contract\SpreadReader;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Reading\WaterReader;
use Throwable;

/**
 * Takes an archive in, whole or not at all (G6). What is there already stays as it is, so that a second time changes nothing; into another
 * account it makes it one's own: ids that devices made become others by a rule, always the same.
 */
final class TakesArchive
{
    private const ROWS = 300;

    /** @var array<string, array<int, int>> what the numbers of the archive become, by kind */
    private array $becomes = [];

    /** @var array<string, array<int, true>> numbers of the archive whose rows were here before, by kind */
    private array $wasHere = [];

    private bool $own = false;

    private int $done = 0;

    private int $all = 0;

    /** @var array<string, int> */
    private array $taken = [];

    /** @param  Closure(int, int): void  $told  how many rows are done, of how many */
    public function __construct(private readonly User $angler, private readonly Closure $told)
    {
    }

    /** @return array<string, int> how many rows were new, by kind */
    public function from(string $path): array
    {
        $parcel = Parcel::open($path);
        $manifest = $parcel->json('manifest.json');
        match (true) {
            ($manifest['format'] ?? null) !== Manifest::FORMAT => throw new Refused('This zip file is no archive of Old Eddy.'),
            ($manifest['version'] ?? null) !== Manifest::VERSION => throw new Refused(
                sprintf('The archive is of version %s; this program reads version %d.', is_scalar($manifest['version'] ?? null) ? $manifest['version'] : 'unknown', Manifest::VERSION),
            ),
            default => null,
        };
        $this->own = hash_equals(Manifest::account($this->angler), is_string($manifest['account'] ?? null) ? $manifest['account'] : '');
        $this->check($parcel, is_array($manifest['files'] ?? null) ? $manifest['files'] : []);
        $settings = $this->settings($parcel);
        // Whoever has days already keeps his own settings.
        $fresh = ! $this->angler->trips()->exists();
        try {
            DB::transaction(function () use ($parcel, $settings, $fresh): void {
                foreach (Kept::all() as $kept) {
                    $this->take($parcel, $kept);
                }
                if ($fresh) {
                    $this->angler->forceFill($settings)->save();
                }
                $this->prove();
            });
        } catch (QueryException $e) {
            throw new Refused('The rows of the archive do not hang together. Nothing was taken.', previous: $e);
        }
        ($this->told)($this->all, $this->all);

        return $this->taken;
    }

    /**
     * Reads all of it before anything is written.
     *
     * @param  array<array-key, mixed>  $counts
     */
    private function check(Parcel $parcel, array $counts): void
    {
        foreach (Kept::all() as $name => $kept) {
            $sound = new SoundRow($kept);
            $n = 0;
            foreach ($parcel->rows("{$name}.jsonl") as $n => $row) {
                $problem = $sound->problem($row);
                if ($problem !== null) {
                    throw new Refused("Line {$n} of {$name}.jsonl: {$problem} Nothing was taken.");
                }
            }
            if (($counts["{$name}.jsonl"] ?? null) !== $n) {
                throw new Refused("The {$name}.jsonl of the archive has {$n} rows and should have another number: it is not whole. Nothing was taken.");
            }
            $this->all += $n;
        }
    }

    /** @return array<string, mixed> */
    private function settings(Parcel $parcel): array
    {
        $given = $parcel->json('settings.json');
        $valid = Validator::make($given, [
            'units' => ['required', 'in:us,metric'], 'own_success' => ['required', 'boolean'], 'schools' => ['nullable', 'array'], 'schools.*' => ['string', 'max:40'],
            'lure_names' => ['nullable', 'array', 'max:500'], 'lure_names.*' => ['string', 'max:60'], 'limits' => ['nullable', 'array'], 'limits.number' => ['nullable', 'integer', 'between:1,50'], 'limits.least' => ['nullable', 'array'], 'limits.least.*' => ['numeric', 'between:0,100'],
        ]);
        if ($valid->fails()) {
            throw new Refused('The settings of the archive cannot be read. Nothing was taken.');
        }

        return array_intersect_key($given, array_flip(['units', 'own_success', 'schools', 'limits', 'lure_names']));
    }

    private function take(Parcel $parcel, Kept $kept): void
    {
        $columns = Column::of($kept);
        $this->taken[$kept->name] = 0;
        $rows = [];
        foreach ($parcel->rows("{$kept->name}.jsonl") as $row) {
            $old = $row['id'];
            $lacking = array_map(static fn (Column $c): ?string => $c->lacking(), array_diff_key($columns, $row));
            $row = $this->placed($kept, $row);
            if ($row !== null) {
                foreach ($row as $name => $value) {
                    $row[$name] = isset($columns[$name]) ? $columns[$name]->in($value) : $value;
                }
                $row += array_diff_key($lacking, ['seq' => true]);
                if ($kept->isFromDevices()) {
                    $rows[] = $row;
                } else {
                    $this->one($parcel, $kept, (int) $old, $row);
                }
            }
            if (count($rows) === self::ROWS) {
                $this->insert($kept, $rows);
                $rows = [];
            }
            if (++$this->done % self::ROWS === 0) {
                ($this->told)($this->done, $this->all);
            }
        }
        $this->insert($kept, $rows);
    }

    /** @param  list<array<string, mixed>>  $rows  whose ids tell which are here already */
    private function insert(Kept $kept, array $rows): void
    {
        $here = array_flip(DB::table($kept->table)->whereIn('id', array_column($rows, 'id'))->whereIn('trip_id', array_unique(array_column($rows, 'trip_id')))->pluck('id')->all());
        $new = array_values(array_filter($rows, static fn (array $row): bool => ! isset($here[strtolower($row['id'])])));
        if ($new !== []) {
            DB::table($kept->table)->insert($new);
            $this->taken[$kept->name] += count($new);
        }
    }

    /**
     * A row with the numbers and ids that it has here; null where what it hangs on was here before in another's archive, and stays as it is.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>|null
     */
    private function placed(Kept $kept, array $row): ?array
    {
        foreach ($kept->hangs as $column => $on) {
            $number = $row[$column] ?? null;
            if ($number === null || ($column === 'out_with' && $number === 0)) {
                continue;
            }
            $here = $this->becomes[$on][$number] ?? null;
            if ($here === null && $column === 'trip_id') {
                throw new Refused("A row of {$kept->name}.jsonl hangs on a day that is not in the archive. Nothing was taken.");
            }
            if ($column === 'trip_id' && ! $this->own && isset($this->wasHere[$on][$number])) {
                return null;
            }
            $row[$column] = $here ?? ($column === 'out_with' ? 0 : null);
        }
        foreach (Kept::MADE_ON_A_DEVICE as $column) {
            if (! $this->own && is_string($row[$column] ?? null)) {
                $row[$column] = $this->other($row[$column]);
            }
        }
        if ($kept->of === 'user_id') {
            $row['user_id'] = $this->angler->id;
        }
        if ($kept->name === 'events') {
            unset($row['seq']);
        }

        return $row;
    }

    /** @param  array<string, mixed>  $row */
    private function one(Parcel $parcel, Kept $kept, int $old, array $row): void
    {
        unset($row['id']);
        $here = DB::table($kept->table);
        foreach (['user_id', ...$kept->known] as $column) {
            if (array_key_exists($column, $row)) {
                $here->whereRaw("{$column} <=> ?", [$row[$column]]);
            }
        }
        $id = $here->value('id');
        if ($id !== null) {
            $this->wasHere[$kept->name][$old] = true;
        } else {
            $id = DB::table($kept->table)->insertGetId($row);
            $this->taken[$kept->name]++;
            if ($kept->name === 'layers') {
                Pieces::ofLayer($id)->keep($parcel->file("layers/{$old}"));
            }
        }
        $this->becomes[$kept->name][$old] = (int) $id;
    }

    private function other(string $id): string
    {
        return DerivedId::for($this->angler->id, "archive {$id}");
    }

    /** Whatever came is read once as pages will read it: what cannot be read is not kept. */
    private function prove(): void
    {
        foreach (array_diff_key($this->becomes['lakes'] ?? [], $this->wasHere['lakes'] ?? []) as $old => $id) {
            $this->readable('A lake', $old, static function () use ($id): void {
                $lake = Lake::query()->findOrFail($id);
                [$lake->grid, $lake->working, $lake->allTracks(), json_encode($lake, JSON_THROW_ON_ERROR)];
                $lake->spots()->get()->each(static fn (LakeSpot $s) => $s->place());
            });
        }
        $grew = $this->taken['stints'] + $this->taken['contacts'] > 0;
        foreach ($this->becomes['days'] ?? [] as $old => $id) {
            $new = ! isset($this->wasHere['days'][$old]);
            if (! $new && ! ($this->own && $grew)) {
                continue;
            }
            $this->readable('A day', $old, function () use ($id, $new): void {
                if ($new) {
                    $this->routed($id);
                }
                $trip = Trip::query()->with('user')->findOrFail($id);
                WaterReader::read(Settler::settle($trip->told()));
                json_encode([$trip->toArray(), $trip->route?->stops], JSON_THROW_ON_ERROR);
                if ($trip->spread !== null) {
                    SpreadReader::spread($trip->spread);
                }
                $trip->recount();
            });
        }
        BoxItem::keepFor($this->angler);
    }

    /** A route names spots by their numbers. */
    private function routed(int $trip): void
    {
        $text = DB::table('trips')->where('id', $trip)->value('route');
        if ($text === null || ($this->becomes['spots'] ?? []) === []) {
            return;
        }
        $route = json_decode((string) $text, true, flags: JSON_THROW_ON_ERROR);
        $here = fn (mixed $spot): mixed => is_int($spot) ? $this->becomes['spots'][$spot] ?? $spot : $spot;
        foreach (['locked', 'forbidden'] as $list) {
            $route['asked'][$list] = array_map($here, $route['asked'][$list] ?? []);
        }
        $route['asked']['start'] = $here($route['asked']['start'] ?? null);
        $route['stops'] = array_map(static fn (array $stop): array => ['spot' => $here($stop['spot'])] + $stop, $route['stops']);
        DB::table('trips')->where('id', $trip)->update(['route' => json_encode($route, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)]);
    }

    /** @param  Closure(): void  $read */
    private function readable(string $what, int $number, Closure $read): void
    {
        try {
            $read();
        } catch (QueryException $e) {
            throw $e;
        } catch (Throwable $e) {
            throw new Refused("{$what} of the archive (its number is {$number}) cannot be read. Nothing was taken.", previous: $e);
        }
    }
}
