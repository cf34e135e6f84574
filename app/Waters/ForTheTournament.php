<?php

declare(strict_types=1);

namespace App\Waters;

use OldEddy\Day\Conditions\SectionDays;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Where\Places\DayByHour;
use OldEddy\Where\Places\OwnRecord;

/** What a day of practice says for the tournament: the spots ranked for its own day and hours, with what the practice gave counted in (M18). */
final readonly class ForTheTournament
{
    private const SPOTS = 8;

    /** @param  list<array{id: int, name: string, fit: float, best: ?array{int, int}, today: ?OwnRecord}>  $spots  best first */
    private function __construct(public string $date, public int $from, public int $to, public array $spots)
    {
    }

    /**
     * @param  string  $date  of the tournament, YYYY-MM-DD
     * @param  int  $from  first hour, 0 to 23
     * @param  int  $to  last hour, no earlier
     */
    public static function of(DayOnLake $practice, string $date, int $from, int $to): self
    {
        $told = $practice->trip->told()->onDate($date);
        $today = $practice->today();
        $records = $practice->records;
        $given = [];
        foreach ($practice->spots as $spot) {
            $given[$spot->name] = $today[$spot->id] ?? null;
            if ($given[$spot->name] !== null) {
                $records[$spot->name] = $given[$spot->name]->and($records[$spot->name] ?? null);
            }
        }
        $hours = DayByHour::of($practice->places, Settler::settle($told->overall()), $records, $practice->deepestFt, SectionDays::of($told));
        $spots = [];
        foreach (array_slice($hours->over($from, $to), 0, self::SPOTS, true) as $name => $fit) {
            $spots[] = [
                'id' => (int) $practice->spotNamed((string) $name)?->id, 'name' => (string) $name, 'fit' => $fit, 'best' => $hours->best((string) $name, $from, $to),
                'today' => $given[$name],
            ];
        }

        return new self($date, $from, $to, $spots);
    }
}
