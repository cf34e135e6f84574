<?php

declare(strict_types=1);

namespace App\Archive;

use App\Log\EventTaker;
use App\Log\Kinds\StintFields;
use App\Models\DerivedId;
use App\Models\Trip;
use App\Models\User;
use App\Show\Units;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\SpreadReader;
use OldEddy\Day\Season\Species;
use OldEddy\Log\Evidence\Limits;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\Side;
use OldEddy\Troll\SpreadPlanner;
use OldEddy\Troll\Station;

/**
 * A log that was kept elsewhere, row by row as entries of ours: a day for each date and water, a stint for rows that show the same, a
 * contact for each that had one. Ids come from what a row says, so that taking it in twice changes nothing (G6).
 */
final readonly class CsvLog
{
    private const AT_ONCE = 400;

    private CsvDates $dates;

    private LureNames $lures;

    private const LONGEST_TOW_MIN = 1440;

    /** What a stint begins with as the row has it. */
    private const BEGUN = ['spot' => 0, 'lure' => 0, 'color' => 0, 'retrieve' => 0, 'angler' => 0];

    /** Where nothing is said of the hour, a day begins so. */
    private const MORNING = '06:00';

    /**
     * @param  array<string, int>  $columns  number of the column by what it says
     * @param  array{color: string, casts: int, depth: float, contact: string, units: string, species: string, first: string}  $else  where a row says nothing
     * @param  array<string, string>  $lures  keys of ours by the names of the table, as they were just told
     */
    public function __construct(private User $angler, private CsvTable $table, private array $columns, private array $else, array $lures = [])
    {
        $this->dates = CsvDates::of($this->column('date'), $else['first']);
        $this->lures = new LureNames($lures + ($angler->lure_names ?? []));
    }

    /** @return list<string> the cells of a column */
    private function column(string $what): array
    {
        $at = $this->columns[$what] ?? null;

        return $at === null ? [] : array_values(array_map(static fn (array $row): string => $row[$at] ?? '', $this->table->rows));
    }

    /** Whether the dates leave open which of day and month comes first. */
    public function datesAreOpen(): bool
    {
        return CsvDates::isOpen($this->column('date'));
    }

    /** @return array<string, array{name: string, like: list<string>}> lures that are not known, each with those of ours that are most like it */
    public function unknownLures(): array
    {
        return $this->lures->unknown($this->column('lure'));
    }

    /** @return array<int, array{row: ?array<string, mixed>, problem: ?string}> what each line becomes, or why it becomes nothing */
    public function rows(): array
    {
        return array_map($this->row(...), $this->table->rows);
    }

    /** @return array{days: int, stints: int, contacts: int, left: int} what was new, and lines that were left */
    public function take(): array
    {
        $rows = $this->rows();
        $sound = array_filter(array_column($rows, 'row'));
        $took = ['days' => 0, 'stints' => 0, 'contacts' => 0, 'left' => count($rows) - count($sound)];
        $days = [];
        foreach ($sound as $row) {
            $days["{$row['date']} {$row['water']}"][] = $row;
        }
        DB::transaction(function () use ($days, &$took): void {
            foreach ($days as $key => $of) {
                $trip = $this->day((string) $key, $of[0]);
                $took['days'] += (int) $trip->wasRecentlyCreated;
                foreach (array_chunk($this->events((string) $key, $of), self::AT_ONCE) as $events) {
                    $answers = array_column((new EventTaker($trip))->take($events), 'became', 'id');
                    foreach ($events as $event) {
                        if ($answers[$event['id']] === EventTaker::TAKEN && in_array($event['kind'], ['stint', 'tow', 'contact'], true)) {
                            $took[$event['kind'] === 'contact' ? 'contacts' : 'stints']++;
                        }
                    }
                }
            }
        });

        return $took;
    }

    /** @param  array<string, mixed>  $row */
    private function day(string $key, array $row): Trip
    {
        /** @var Trip */
        return $this->angler->trips()->firstOrCreate(['ask' => $this->id("day {$key}")], [
            'name' => $row['water'] === '' ? 'A log of '.$row['date'] : mb_strimwidth($row['water'], 0, 80), 'closed_at' => now(),
            // A guest is no fish that a day is for.
            'conditions' => ['species' => Species::tryFrom($row['species'] ?? '')->value ?? $this->else['species'], 'date' => $row['date']],
        ]);
    }

    /**
     * @param  list<array<string, mixed>>  $rows  of one day
     * @return list<array<string, mixed>>
     */
    private function events(string $day, array $rows): array
    {
        $events = [];
        $said = $seen = [];
        [$stint, $fish] = ['', 0];
        foreach ($rows as $row) {
            $shown = array_intersect_key($row, array_flip(['stint', 'spot', 'lure', 'color', 'retrieve', 'depth', 'casts', 'angler', 'line', 'let_out', 'minutes']));
            $at = "{$row['date']}T{$row['time']}:00";
            if ($shown !== $said) {
                $said = $shown;
                $key = json_encode($shown, JSON_THROW_ON_ERROR);
                $seen[$key] = ($seen[$key] ?? 0) + 1;
                $stint = $this->id("{$day} {$key} {$seen[$key]}");
                $fish = 0;
                array_push($events, ...($row['line'] === null ? $this->cast($row, $stint, $at) : $this->towed($row, $stint, $at)));
            }
            if ($row['contact'] !== null) {
                $contact = $this->id("contact {$stint} ".(++$fish));
                $events[] = ['id' => $this->id("of {$contact}"), 'kind' => 'contact', 'at' => $at, 'stint' => $stint, 'contact' => $contact, 'contact_kind' => $row['contact']];
                $fields = array_filter([
                    'species' => $row['species'], 'length' => $row['length'], 'weight' => $row['weight'], 'depth' => $row['fish_depth'], 'forage' => $row['forage'],
                ], static fn (mixed $v): bool => $v !== null);
                if ($fields !== []) {
                    $events[] = ['id' => $this->id("detail {$contact}"), 'kind' => 'detail', 'at' => $at, 'contact' => $contact, 'fields' => $fields, 'units' => 'us'];
                }
            }
        }

        return $events;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return list<array<string, mixed>>
     */
    private function cast(array $row, string $stint, string $at): array
    {
        $events = [
            ['id' => $this->id("begin {$stint}"), 'kind' => 'stint', 'at' => $at, 'stint' => $stint, 'depth_ft' => $row['depth']]
            + array_intersect_key($row, self::BEGUN),
        ];
        for ($left = $row['casts'], $n = 0; $left > 0; $left -= Limits::CASTS_AT_ONCE, $n++) {
            $events[] = ['id' => $this->id("casts {$stint} {$n}"), 'kind' => 'casts', 'at' => $at, 'stint' => $stint, 'count' => min(Limits::CASTS_AT_ONCE, $left)];
        }

        return $events;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return list<array<string, mixed>>
     */
    private function towed(array $row, string $stint, string $at): array
    {
        [$side, $station] = explode('_', $row['line'], 2) + [1 => ''];
        $station = Station::tryFrom($station) ?? Station::Flat;

        return [
            [
                'id' => $this->id("begin {$stint}"), 'kind' => 'tow', 'at' => $at, 'stint' => $stint, 'depth_ft' => $row['depth'], 'line' => $row['line'],
                'side' => (Side::tryFrom($side) ?? Side::Center)->value, 'station' => $station->value, 'let_out_ft' => $row['let_out'],
                'carrier' => ($station === Station::Flat ? Carrier::Flat : Carrier::Board)->value,
            ] + array_intersect_key($row, self::BEGUN),
            ['id' => $this->id("lift {$stint}"), 'kind' => 'lift', 'stint' => $stint, 'at' => (new DateTimeImmutable($at))->modify("+{$row['minutes']} minutes")->format('Y-m-d\TH:i:s')],
        ];
    }

    /**
     * @param  list<string>  $cells
     * @return array{row: ?array<string, mixed>, problem: ?string}
     */
    private function row(array $cells): array
    {
        $said = fn (string $what): string => trim(ltrim(isset($this->columns[$what]) ? $cells[$this->columns[$what]] ?? '' : '', "'"));
        $date = $this->dates->date($said('date'));
        $time = $said('time') === '' ? CsvDates::time($said('date')) ?? self::MORNING : CsvDates::time($said('time'));
        $lure = $this->lures->key($said('lure'));
        $color = self::key($said('color'));
        $kinds = StintFields::ofContact();
        $contact = self::key($said('contact'));
        $contact = $contact !== '' ? $contact : ($said('species').$said('length').$said('weight') !== '' ? $this->else['contact'] : '');
        $species = self::key($said('species'));
        $casts = $said('casts') === '' ? $this->else['casts'] : (int) $said('casts');
        $number = fn (string $what): ?float => $this->number($what, $said($what));
        $depth = $number('depth') ?? $this->else['depth'];
        $line = mb_strimwidth(self::key($said('towed_line')), 0, SpreadReader::LONGEST_KEY);
        [$out, $minutes] = [$number('let_out') ?? 0.0, (int) $said('minutes')];
        $problem = match (true) {
            $line !== '' && ($out < SpreadPlanner::OUT_FT[0] || $out > SpreadPlanner::OUT_FT[1]) => sprintf('A towed line is let out from %d to %d ft.', ...SpreadPlanner::OUT_FT),
            $line !== '' && ($minutes < 0 || $minutes > self::LONGEST_TOW_MIN) => sprintf('A line is towed for 0 to %d minutes.', self::LONGEST_TOW_MIN),
            $date === null => sprintf('The date "%s" is none of the calendar.', $said('date')),
            $time === null => sprintf('The time "%s" is none of the clock.', $said('time')),
            $lure === null => sprintf('No lure of ours is called "%s".', $said('lure')),
            $contact !== '' && ! in_array($contact, $kinds['kind'], true) => sprintf('A contact is none called "%s".', $said('contact')),
            $species !== '' && ! in_array($species, $kinds['species'], true) => sprintf('No fish that is logged here is called "%s".', $said('species')),
            $casts < 0 || $casts > Limits::CASTS => sprintf('The casts must be from 0 to %d.', Limits::CASTS),
            $depth < 0 || $depth > Limits::DEPTH_FT => sprintf('The depth must be from 0 to %d ft.', Limits::DEPTH_FT),
            default => $this->numbers($said),
        };
        if ($problem !== null) {
            return ['row' => null, 'problem' => $problem];
        }
        $forage = self::key($said('forage'));

        return ['problem' => null, 'row' => [
            'stint' => $said('stint'), 'date' => $date, 'time' => $time, 'water' => mb_strimwidth($said('water'), 0, 80), 'spot' => mb_strimwidth($said('spot') ?: 'Somewhere', 0, 80), 'lure' => $lure,
            'color' => in_array($color, StintFields::ofStint()['color'], true) ? $color : $this->else['color'],
            'retrieve' => mb_strimwidth(self::key($said('retrieve')), 0, 40) ?: Catalog::get((string) $lure)->cadences[0],
            'depth' => round($depth, 1), 'casts' => $casts, 'line' => $line === '' ? null : $line, 'let_out' => round($out, 1), 'minutes' => $minutes,
            'angler' => in_array(mb_strtolower($said('angler')), ['', mb_strtolower($this->angler->name)], true) ? null : mb_strimwidth($said('angler'), 0, 40),
            'contact' => $contact === '' ? null : $contact, 'species' => $species === '' ? null : $species,
            'length' => self::rounded($number('length'), 2), 'weight' => self::rounded($number('weight'), 2),
            'fish_depth' => self::rounded($number('fish_depth'), 1), 'forage' => in_array($forage, $kinds['forage'], true) ? $forage : null,
        ]];
    }

    /** @param  callable(string): string  $said */
    private function numbers(callable $said): ?string
    {
        foreach (['length' => Limits::LENGTH_IN, 'weight' => Limits::FISH_LB, 'fish_depth' => Limits::DEPTH_FT, 'depth' => Limits::DEPTH_FT] as $what => $most) {
            $number = $this->number($what, $said($what));
            if ($said($what) !== '' && ($number === null || $number < 0 || ($number === 0.0 && $what !== 'depth') || $number > $most)) {
                return sprintf('The %s "%s" is no number that a fish has.', str_replace('_', ' ', $what), $said($what));
            }
        }

        return null;
    }

    /** A number of the table in inches, pounds or feet: by the unit in the name of its column, else by what the angler says of all. */
    private function number(string $what, string $text): ?float
    {
        $text = str_replace(',', '.', trim((string) preg_replace('/[a-z"\']+\.?$/i', '', $text)));
        if (! is_numeric($text)) {
            return null;
        }
        $units = new Units($this->else['units'] === 'metric');

        return (CsvColumns::unit($what, $this->table->head[$this->columns[$what] ?? -1] ?? '') ?? match ($what) {
            'length' => $units->takeSize(1.0), 'weight' => $units->takeWeight(1.0), default => $units->take('depth', 1.0),
        }) * (float) $text;
    }

    private static function rounded(?float $number, int $decimals): ?float
    {
        return $number === null ? null : round($number, $decimals);
    }

    private static function key(string $words): string
    {
        return trim((string) preg_replace('/[^a-z0-9]+/', '_', mb_strtolower($words)), '_');
    }

    private function id(string $of): string
    {
        return DerivedId::for($this->angler->id, "csv {$of}");
    }
}
