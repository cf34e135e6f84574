<?php

declare(strict_types=1);

namespace App\Year;

use App\Log\DayEvidence;
use App\Log\TowedLines;
use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use App\Show\Units;
use App\Show\Word;
use Illuminate\Database\Eloquent\Collection;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\DaySummary;
use OldEddy\Log\Evidence\LevelEvidence;
use OldEddy\Log\Evidence\Stood;
use OldEddy\Pictures\Ribbon\DayRibbon;
use OldEddy\Reading\Reading;
use OldEddy\Reading\StageOutlook;
use OldEddy\Reading\WaterReader;
use OldEddy\Troll\Fired;

/** A day on one page (Y8), as page, picture and plain text say it. */
final readonly class DayReport
{
    public Reading $reading;

    public DayEvidence $day;

    private DaySummary $summary;

    /** @var Collection<int, Stint> */
    private Collection $stints;

    public function __construct(public Trip $trip, private SpotsShown $spots, private Units $units)
    {
        $this->stints = $trip->stints()->with('contacts')->get();
        $this->reading = WaterReader::read(Settler::settle($trip->told()->overall()));
        $this->day = new DayEvidence($trip, $this->stints, $this->reading);
        $this->summary = DaySummary::of($this->day->evidence);
    }

    /** The water, as far as the spots may be told of. */
    public function title(): string
    {
        return match ($this->spots->mode) {
            'named' => $this->trip->name,
            'section' => $this->trip->lake->name ?? ucfirst($this->reading->day->waterbody->words()),
            default => ucfirst($this->reading->day->waterbody->words()),
        };
    }

    public function date(): string
    {
        return (string) ($this->trip->conditions['date'] ?? '');
    }

    /** @return array<string, list<string>> what is said, by heading; headings without anything are left out */
    public function sections(): array
    {
        return array_filter([
            'The water' => $this->water(), 'Fished' => $this->fished(), 'What worked' => $this->worked(), 'What died' => $this->died(), 'What did not' => $this->rejected(),
            'The fish' => $this->fish(), 'Next week' => $this->next(),
        ]);
    }

    /** The day as a ribbon, without the names of places that are not told. */
    public function ribbon(): DayRibbon
    {
        return DayRibbon::of($this->reading->day, $this->day->evidence->stints, $this->day->turns);
    }

    /** Whether the ribbon, which names each place, may be shown. */
    public function namesPlaces(): bool
    {
        return $this->spots->mode === 'named';
    }

    /** @return list<string> */
    private function water(): array
    {
        $day = $this->reading->day;
        $units = $this->units;
        $trend = $day->isTempSteady() ? 'steady' : ($day->tempTrendFPerDay > 0 ? 'warming ' : 'cooling ').$this->change($day->tempTrendFPerDay).' a day';
        $level = $day->levelFt === null ? null : ($day->levelFt >= 0 ? $units->depth($day->levelFt).' over' : $units->depth(-$day->levelFt).' under').' its reference';
        $rising = $day->isLevelSteady() ? null : ($day->levelChangeFtPerWeek > 0 ? 'rising ' : 'falling ').$units->depth(abs($day->levelChangeFtPerWeek)).' a week';

        return array_values(array_filter([
            ucfirst($this->reading->stage->stage->words()).", {$units->temp($day->tempF)}, {$trend}",
            ucfirst("{$day->clarity->value} water, {$units->depth($day->visibilityFt)} visible (usually {$units->depth($day->normalVisibilityFt)})"),
            $level === null && $rising === null ? null : 'Level '.implode(', ', array_filter([$level, $rising])),
            ucfirst($day->sky->words()).", wind {$units->show('speed', $day->windMph)} {$units->word('speed')}, front {$day->front->words()}",
            ...($this->spots->mode === 'hidden' ? [] : $this->bySection()),
        ]));
    }

    /** @return list<string> the water of sections that have their own (W10) */
    private function bySection(): array
    {
        $said = [];
        foreach ($this->trip->told()->sections as $section) {
            $own = array_filter([
                $section->tempF === null ? null : $this->units->temp($section->tempF),
                $section->visibilityFt === null ? null : $this->units->depth($section->visibilityFt).' visible',
            ]);
            if ($own !== []) {
                $said[] = "{$section->name}: ".implode(', ', $own);
            }
        }

        return $said;
    }

    /** @return list<string> */
    private function fished(): array
    {
        $evidence = $this->day->evidence;
        $first = $this->stints->first()?->started_at->format('H:i');
        $last = $this->stints->last()?->started_at->format('H:i');

        $towed = Fired::of(Stint::towed($this->stints));

        return $first === null ? [] : [
            ...($evidence->stints === [] ? [] : [
                sprintf('%d casts from %s to %s, %d contacts', $evidence->casts(), $first, $last, $evidence->contactCount()), ucfirst($this->day->pattern->verdict->words()),
            ]),
            ...($towed->runs === [] ? [] : ['Towed: '.TowedLines::words($towed)]),
        ];
    }

    /** @return list<string> the pattern, what held, and where and on what fish were caught */
    private function worked(): array
    {
        $lines = $this->day->evidence->contactCount() > 0 ? [ucfirst($this->units->say($this->day->pattern->text))] : [];
        $held = array_map(static fn (Stood $s): LevelEvidence => $s->level, $this->summary->held);
        if ($held !== []) {
            $lines[] = 'Held: '.$this->levels($held);
        }
        $by = [];
        foreach ($this->stints as $stint) {
            $caught = $stint->contacts->where('kind', ContactKind::Caught->value)->count();
            if ($caught > 0) {
                $where = $this->spots->name($stint).($this->spots->position($stint) === null ? '' : " ({$this->spots->position($stint)})");
                $key = "{$where}: ".Word::of($stint->lure).', '.Word::of($stint->color).', '.$this->units->depth($stint->depth_ft).', '.Word::of($stint->retrieve);
                $by[$key] = ($by[$key] ?? 0) + $caught;
            }
        }
        foreach ($by as $what => $fish) {
            $lines[] = "{$what}: {$fish} caught";
        }

        return $lines;
    }

    /** @return list<string> */
    private function died(): array
    {
        $faded = array_filter($this->summary->faded, fn (Stood $s): bool => $this->mayName($s->level));

        return array_values(array_map(fn (Stood $s): string => sprintf(
            '%s from %s, gone by %s', $this->levels([$s->level]), substr($s->since, 11, 5), substr((string) $s->until, 11, 5),
        ), $faded));
    }

    /** @return list<string> */
    private function rejected(): array
    {
        $levels = $this->levels($this->summary->rejected);

        return $levels === '' ? [] : [$levels];
    }

    /** @return list<string> */
    private function fish(): array
    {
        $species = (string) $this->trip->conditions['species'];
        $caught = $this->stints->flatMap->contacts->where('kind', ContactKind::Caught->value)->sortByDesc('length_in');

        return array_values($caught->map(function (Contact $c) use ($species): string {
            $weighed = $c->weighed($species);

            return implode(', ', array_filter([
                Word::of($c->species ?? $species), $c->length_in === null ? null : $this->units->size($c->length_in),
                $weighed === null ? null : $this->units->fish($weighed->mass).' '.$weighed->by->says(), $c->kept === 'yes' ? 'kept' : null,
            ]));
        })->countBy()->map(static fn (int $n, string $what): string => $n > 1 ? "{$n} × {$what}" : $what)->all());
    }

    /** @return list<string> */
    private function next(): array
    {
        $outlook = StageOutlook::of($this->reading);
        $day = $this->reading->day;

        return array_values(array_filter([
            $day->isTempSteady() || $day->assumes('water.temp_trend_f_per_day') ? null : "As it goes on, {$this->units->temp($day->tempIn(7))} in a week",
            $outlook === null ? null : sprintf('%s in %d to %d days', ucfirst($outlook->stage->words()), $outlook->earliestDays, $outlook->latestDays),
        ]));
    }

    /** @param  list<LevelEvidence>  $levels */
    private function levels(array $levels): string
    {
        return implode('; ', array_map(
            fn (LevelEvidence $l): string => Word::of($l->factor).' '.$this->units->level($l->level), array_filter($levels, $this->mayName(...)),
        ));
    }

    /** A spot is named only where names are told; other people in the boat are nobody's business. */
    private function mayName(LevelEvidence $level): bool
    {
        return $level->factor !== 'angler' && ($level->factor !== 'spot' || $this->spots->mode === 'named');
    }

    private function change(float $fPerDay): string
    {
        return $this->units->show('temp_change', abs($fPerDay)).' '.($this->units->metric ? '°C' : '°F');
    }
}
