<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The demo, copied for a visitor: his own days, lakes and box, which nobody else sees or spoils, thrown away after a day. It is copied
 * within the database, table by table; ids that were made on a device become others by a rule, so that what belongs together stays so.
 */
final class DemoCopy
{
    public const EMAIL = 'marlo@old-eddy.example';

    private const HOURS = 24;

    /** So many accounts whose time is over go with every visitor who comes. */
    private const AT_ONCE = 5;

    /** No more copies stand at a time: the oldest goes first. */
    private const COPIES = 300;

    /** What hangs on a day, and what of it is an id of the device's own making. */
    private const OF_DAYS = [
        'rack_slots' => [], 'stints' => ['id'], 'contacts' => ['id', 'stint_id'], 'log_events' => ['id', 'stint_id', 'contact_id'], 'turns' => ['id'], 'fixes' => [],
        'spot_sums' => [], 'level_sums' => [], 'tallies' => [], 'stops' => [],
    ];

    /** Numbered by the database itself. */
    private const NUMBERED = ['rack_slots' => 'id', 'log_events' => 'seq', 'fixes' => 'id'];

    private function __construct(private readonly User $from, private readonly User $to)
    {
    }

    /** A copy of an account for a visitor. */
    public static function of(User $demo): User
    {
        self::tidy();
        // What is copied from is read as it stands, without a lock on anybody's rows.
        DB::transactionLevel() > 0 || DB::statement('set transaction isolation level read committed');

        return DB::transaction(static function () use ($demo): User {
            $to = User::thatEnds('visitor', now()->addHours(self::HOURS), $demo->only(['name', 'units', 'schools', 'own_success', 'limits', 'box']));
            (new self($demo, $to))->copy();
            // Whoever keeps a day changed it last: so it is with the one that is open.
            /** @var ?Trip $open */
            $open = Trip::query()->where('user_id', $to->id)->whereNull('closed_at')->latest('id')->first();
            $open === null || LastLogged::note($open);

            return $to;
        });
    }

    /** Throws away copies whose time is over, and the oldest where there are too many. */
    public static function tidy(int $copies = self::COPIES): int
    {
        $all = DB::table('users')->whereNotNull('ends_at')->where('guest', false);
        $over = max(0, $all->clone()->count() - $copies);
        $gone = $over === 0 ? 0 : $all->clone()->orderBy('ends_at')->limit($over)->delete();

        // Guests of a day who never made it an account go by the same door.
        return $gone + DB::table('users')->where('ends_at', '<', now())->orderBy('ends_at')->limit(self::AT_ONCE)->delete();
    }

    private function copy(): void
    {
        foreach (['lakes', 'spots', 'trips'] as $table) {
            DB::statement("create or replace temporary table copied_{$table} (was bigint unsigned not null primary key, becomes bigint unsigned not null)");
        }
        try {
            $this->lakes();
            $this->days();
            $this->insert('box_items', ['user_id' => (string) $this->to->id, 'ask' => 'null'], 'id', "user_id = {$this->from->id}");
        } finally {
            foreach (['lakes', 'spots', 'trips'] as $table) {
                DB::statement("drop temporary table if exists copied_{$table}");
            }
        }
    }

    private function lakes(): void
    {
        foreach (DB::table('lakes')->where('user_id', $this->from->id)->orderBy('id')->pluck('id') as $was) {
            $this->insert('lakes', ['user_id' => (string) $this->to->id], 'id', "id = {$was}");
            DB::table('copied_lakes')->insert(['was' => $was, 'becomes' => DB::getPdo()->lastInsertId()]);
        }
        // A copy's lakes stand as they are: their files stay with the demo.
        $this->insert('spots', ['lake_id' => $this->becomes('lakes', 'lake_id'), 'layer_id' => 'null'], 'id', 'lake_id in (select was from copied_lakes) and out_with = 0');
        DB::statement(<<<'SQL'
            insert into copied_spots
            select a.id, b.id from spots a join copied_lakes l on l.was = a.lake_id join spots b on b.lake_id = l.becomes and b.name = a.name and b.out_with = 0
            where a.out_with = 0
            SQL);
    }

    private function days(): void
    {
        // The form's id tells which day became which; it is no longer needed then.
        $this->insert('trips', [
            'user_id' => (string) $this->to->id, 'lake_id' => $this->becomes('lakes', 'lake_id'), 'ask' => $this->other("concat('day ', trips.id)"), 'route' => 'null', 'join_code' => 'null', 'join_until' => 'null',
        ], 'id', "user_id = {$this->from->id} and drill_seed is null");
        DB::statement("insert into copied_trips select a.id, b.id from trips a join trips b on b.user_id = {$this->to->id} and b.ask = {$this->other("concat('day ', a.id)")} where a.user_id = {$this->from->id}");
        foreach (self::OF_DAYS as $table => $ids) {
            $becomes = ['trip_id' => $this->becomes('trips', 'trip_id'), 'user_id' => 'null'] + array_combine($ids, array_map($this->other(...), $ids));
            if (in_array($table, ['stints', 'spot_sums'], true)) {
                $becomes['spot_id'] = $this->becomes('spots', 'spot_id');
            }
            $this->insert($table, $becomes, self::NUMBERED[$table] ?? null, 'trip_id in (select was from copied_trips)');
        }
    }

    /**
     * Copies rows of a table, with some columns made anew.
     *
     * @param  array<string, string>  $becomes  SQL by column
     * @param  ?string  $numbered  the column that the database numbers
     */
    private function insert(string $table, array $becomes, ?string $numbered, string $where): void
    {
        $columns = array_values(array_filter(
            Schema::getColumns($table), static fn (array $c): bool => $c['name'] !== $numbered && ($c['generation'] ?? null) === null,
        ));
        $names = array_map(static fn (array $c): string => $c['name'], $columns);
        $list = implode(', ', array_map(static fn (string $n): string => "`{$n}`", $names));
        $values = implode(', ', array_map(static fn (string $n): string => $becomes[$n] ?? "`{$n}`", $names));
        DB::statement("insert into `{$table}` ({$list}) select {$values} from `{$table}` where {$where}");
    }

    private function becomes(string $table, string $column): string
    {
        return "(select becomes from copied_{$table} where was = {$column})";
    }

    /** The id that another becomes for this copy, always the same; it looks like one made on a device. */
    private function other(string $id): string
    {
        $hash = "md5(concat({$this->to->id}, ' ', {$id}))";

        return "if({$id} is null, null, insert(insert(insert(insert(insert(insert({$hash}, 13, 1, '5'), 17, 1, '8'), 9, 0, '-'), 14, 0, '-'), 19, 0, '-'), 24, 0, '-'))";
    }
}
