<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Trip;
use App\Models\User;
use App\Show\Word;
use App\Year\BoxFile;
use Illuminate\Support\Facades\DB;
use OldEddy\Basics\Moment;

/** The log of all days as a table that any spreadsheet opens: a row a contact, and one for each stint that brought none and each towed line (G6). */
final readonly class LogCsv
{
    public const COLUMNS = [
        'date', 'water', 'stint', 'time', 'spot', 'lure', 'color', 'retrieve', 'running depth ft', 'casts', 'angler', 'contact', 'species', 'length in', 'weight lb', 'fish depth ft', 'forage',
        'towed line', 'let out ft', 'towed minutes',
    ];

    public function __construct(private User $angler)
    {
    }

    /**
     * @param  resource  $file
     * @return int how many rows
     */
    public function write($file): int
    {
        fputcsv($file, self::COLUMNS, escape: '');
        $n = 0;
        foreach (DB::table('trips')->where('user_id', $this->angler->id)->whereNull('drill_seed')->orderBy('day')->orderBy('id')->pluck('id') as $id) {
            foreach ($this->day(Trip::query()->findOrFail($id)) as $cells) {
                fputcsv($file, array_map(static fn (mixed $cell): string => BoxFile::plain((string) $cell), $cells), escape: '');
                $n++;
            }
        }

        return $n;
    }

    /** @return iterable<list<mixed>> rows of a day, in order of time */
    private function day(Trip $trip): iterable
    {
        // By what they say, not by their ids: the same log elsewhere goes out in the same order.
        $contacts = DB::table('contacts')->where('trip_id', $trip->id)->whereNull('deleted_at')->orderBy('at')->orderBy('kind')->orderBy('species')->orderBy('length_in')->orderBy('weight_lb')->get()->groupBy('stint_id');
        foreach ($trip->stints()->toBase()->get() as $n => $stint) {
            $begun = fn (string $at): array => [
                $trip->conditions['date'] ?? substr($at, 0, 10), $trip->name, $n + 1,
                substr($at, 11, 5), $stint->spot, Word::of($stint->lure), Word::of($stint->color),
                Word::of($stint->retrieve), (float) $stint->depth_ft, $stint->line === null ? (int) $stint->cast_count : '',
                $stint->angler ?? $this->angler->name,
            ];
            $towed = $stint->line === null ? ['', '', ''] : [
                Word::of($stint->line), (float) $stint->let_out_ft,
                $stint->lifted_at === null ? '' : (int) round(Moment::secondsBetween($stint->started_at, $stint->lifted_at) / 60),
            ];
            $of = $contacts[$stint->id] ?? [];
            if (count($of) === 0 || $stint->line !== null) {
                yield [...$begun($stint->started_at), '', '', '', '', '', '', ...$towed];
            }
            foreach ($of as $c) {
                yield [
                    ...$begun($c->at), $c->kind, $c->species === null ? '' : Word::of($c->species), $c->length_in, $c->weight_lb, $c->depth_ft,
                    $c->forage === null ? '' : Word::of($c->forage), ...$towed,
                ];
            }
        }
    }
}
