<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Trip;
use App\Models\User;
use App\Show\Word;
use Illuminate\Support\Facades\DB;

/** The log of all days as a table that any spreadsheet opens: a row a contact, and one for each stint that brought none (G6). */
final readonly class LogCsv
{
    public const COLUMNS = [
        'date', 'water', 'time', 'spot', 'lure', 'color', 'retrieve', 'running depth ft', 'casts', 'angler', 'contact', 'at cast', 'species', 'length in', 'weight lb', 'fish depth ft', 'forage',
    ];

    public function __construct(private User $angler)
    {
    }

    /** @return int how many rows */
    public function write(string $path): int
    {
        $file = fopen($path, 'wb');
        $n = 0;
        foreach ($this->rows() as $row) {
            fwrite($file, $row);
            $n++;
        }
        fclose($file);

        return $n - 1;
    }

    /** @return iterable<string> lines, the first one names the columns */
    public function rows(): iterable
    {
        yield self::line(self::COLUMNS);
        foreach (DB::table('trips')->where('user_id', $this->angler->id)->whereNull('drill_seed')->orderBy('day')->orderBy('id')->pluck('id') as $id) {
            $trip = Trip::query()->findOrFail($id);
            $contacts = DB::table('contacts')->where('trip_id', $id)->whereNull('deleted_at')->orderBy('at')->get()->groupBy('stint_id');
            foreach ($trip->stints()->toBase()->get() as $stint) {
                $begun = [
                    $trip->conditions['date'] ?? '', $trip->name, '', $stint->spot, Word::of($stint->lure), Word::of($stint->color), Word::of($stint->retrieve), (float) $stint->depth_ft,
                    (int) $stint->cast_count, $stint->angler ?? $this->angler->name,
                ];
                $of = $contacts[$stint->id] ?? [];
                if (count($of) === 0) {
                    yield self::line([...array_replace($begun, [2 => substr($stint->started_at, 11, 5)]), '', '', '', '', '', '', '']);
                }
                foreach ($of as $c) {
                    yield self::line([
                        ...array_replace($begun, [2 => substr($c->at, 11, 5)]), $c->kind, $c->at_cast, $c->species === null ? '' : Word::of($c->species), $c->length_in, $c->weight_lb, $c->depth_ft,
                        $c->forage === null ? '' : Word::of($c->forage),
                    ]);
                }
            }
        }
    }

    /** @param  list<mixed>  $cells */
    private static function line(array $cells): string
    {
        return implode(',', array_map(static function (mixed $cell): string {
            $text = (string) $cell;
            // A spreadsheet takes what begins so for a formula.
            $text = preg_match('/^[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'{$text}" : $text;

            return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
        }, $cells))."\r\n";
    }
}
