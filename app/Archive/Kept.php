<?php

declare(strict_types=1);

namespace App\Archive;

/** A kind of thing that an archive holds: its table, by what a row is known again, and what it hangs on. */
final readonly class Kept
{
    /** The rows of an angler, in the order in which they can be taken in: each after all that it hangs on. */
    private const ALL = [
        'lakes' => ['user_id', ['name'], [], ['user_id']],
        'layers' => ['lake_id', ['lake_id', 'name', 'created_at'], ['lake_id' => 'lakes'], ['heard_at']],
        'spots' => ['lake_id', ['lake_id', 'name', 'out_with'], ['lake_id' => 'lakes', 'layer_id' => 'layers', 'out_with' => 'layers'], []],
        'days' => ['user_id', ['ask'], ['lake_id' => 'lakes'], ['user_id', 'join_code', 'join_until', 'summed_at', 'leaves']],
        'rack' => ['trip_id', ['trip_id', 'lure', 'color'], ['trip_id' => 'days'], []],
        'stints' => ['trip_id', [], ['trip_id' => 'days', 'spot_id' => 'spots'], ['user_id']],
        'contacts' => ['trip_id', [], ['trip_id' => 'days'], []],
        'events' => ['trip_id', [], ['trip_id' => 'days'], ['user_id']],
        'turns' => ['trip_id', [], ['trip_id' => 'days'], []],
        'disputes' => ['trip_id', ['trip_id', 'stint_id', 'contact_id', 'field', 'created_at'], ['trip_id' => 'days'], []],
        'fixes' => ['trip_id', ['trip_id', 'at'], ['trip_id' => 'days'], []],
        'box' => ['user_id', ['ask'], [], ['user_id']],
    ];

    private const TABLES = ['days' => 'trips', 'rack' => 'rack_slots', 'events' => 'log_events', 'box' => 'box_items'];

    /** Ids that devices made: in another account they become others, so that both can stand. */
    public const MADE_ON_A_DEVICE = ['id', 'stint_id', 'contact_id'];

    /**
     * @param  list<string>  $known  columns by which a row is known again; none where its id is that of a device
     * @param  array<string, string>  $hangs  columns that name a row of another kind
     * @param  list<string>  $without  columns that are no part of an archive
     */
    private function __construct(public string $name, public string $table, public string $of, public array $known, public array $hangs, public array $without)
    {
    }

    /** @return array<string, self> by name */
    public static function all(): array
    {
        $all = [];
        foreach (self::ALL as $name => [$of, $known, $hangs, $without]) {
            $all[$name] = new self($name, self::TABLES[$name] ?? $name, $of, $known, $hangs, $without);
        }

        return $all;
    }

    /** The column by which its rows come in their order. */
    public function order(): string
    {
        return $this->name === 'events' ? 'seq' : 'id';
    }

    public function isFromDevices(): bool
    {
        return $this->known === [];
    }
}
