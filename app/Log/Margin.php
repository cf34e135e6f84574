<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Guest;
use App\Models\Trip;
use Illuminate\Support\Facades\DB;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Evidence\TurnKind;

/**
 * What stands beside the stints of a day: its turns, the entries that can be taken back, what two devices differ on, how its lake
 * stands. Asked for with every tap, so in one question.
 */
final readonly class Margin
{
    /** So many entries can be taken back. */
    private const UNDO = 10;

    /** @var list<Turn> in order of time */
    public array $turns;

    /** @var list<object{id: string, kind: string, count: int, at: string}> the newest first */
    public array $undoable;

    /** @var list<object{id: int, field: string, kept: ?string, other: ?string}> not settled yet */
    public array $disputes;

    /** What its lake and the spots of that are known by: another one whenever one of them is changed. */
    public string $lakeKey;

    /** @param  ?Guest  $as  whose entries can be taken back, where it is not the owner's */
    public function __construct(Trip $trip, ?Guest $as = null)
    {
        $rows = DB::select(
            <<<'SQL'
                (select 1 as what, null as id, kind, at, null as n, null as other from turns where trip_id = ? and deleted_at is null order by at limit 1000)
                union all (
                    select 2, cast(id as char), kind, at, count, null from log_events
                    where trip_id = ? and undone = 0 and kind <> ? and user_id <=> ? order by seq desc limit ?
                )
                union all (select 3, cast(id as char), field, null, kept, other from disputes where trip_id = ? and settled_at is null order by id limit 1000)
                union all (
                    select 4, cast(count(*) as char), cast(max(id) as char), max(updated_at), (select updated_at from lakes where id = ?), null
                    from spots where lake_id = ?
                )
                SQL,
            [$trip->id, $trip->id, 'undo', $as?->user_id, self::UNDO, $trip->id, $trip->lake_id, $trip->lake_id],
        );
        $of = static fn (int $what): array => array_values(array_filter($rows, static fn (object $row): bool => (int) $row->what === $what));
        $this->turns = array_map(static fn (object $t): Turn => new Turn(str_replace(' ', 'T', $t->at), TurnKind::from($t->kind)), $of(1));
        $this->undoable = array_map(static fn (object $e): object => (object) ['id' => $e->id, 'kind' => $e->kind, 'count' => (int) $e->n, 'at' => $e->at], $of(2));
        $this->disputes = array_map(static fn (object $d): object => (object) ['id' => (int) $d->id, 'field' => $d->kind, 'kept' => $d->n, 'other' => $d->other], $of(3));
        $this->lakeKey = $trip->lake_id === null ? '' : serialize([$trip->lake_id, $of(4)]);
    }
}
