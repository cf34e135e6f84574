<?php

declare(strict_types=1);

namespace App\Drill;

use App\Day\SpreadOfDay;
use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Drill\Tow\HiddenTow;
use OldEddy\Drill\Tow\TowDay;
use OldEddy\Drill\Tow\TowedWater;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;
use OldEddy\Troll\TrolledRun;

/** A hidden trolling day: its minutes pass when the angler tows on, and its lines are logged like those of any day. */
final readonly class TowDrill
{
    private Carbon $start;

    /** Minutes that have passed. */
    public int $gone;

    public HiddenTow $day;

    /** @param  Collection<int, Stint>  $stints  of the drill, with their contacts */
    public function __construct(private Trip $trip, private Collection $stints)
    {
        $this->day = TowDay::hidden((int) $trip->drill_seed);
        $this->start = $stints->min('started_at') ?? Carbon::parse(TowDay::CONDITIONS['date'].' '.TowDay::CONDITIONS['time']);
        $last = $stints->max('lifted_at');
        $this->gone = $last === null ? 0 : (int) round($this->start->diffInMinutes($last));
    }

    /** A drill as it stands. */
    public static function of(Trip $trip): self
    {
        return new self($trip, $trip->stints()->with('contacts')->get());
    }

    /** Whether a day is such a drill. */
    public static function is(Trip $trip): bool
    {
        return $trip->drill_seed !== null && ($trip->conditions['mode'] ?? null) === Mode::Troll->value;
    }

    /** Minutes that are left. */
    public function left(): int
    {
        return max(0, HiddenTow::DAY_MIN - $this->gone);
    }

    /** A minute of the day as its clock shows it. */
    public function clock(int $minute): string
    {
        return $this->start->copy()->addMinutes($minute)->format('H:i');
    }

    /** Tows on for so many minutes after those that were gone when it was asked; asked twice, they pass once. */
    public static function on(Trip $trip, int $gone, int $minutes): void
    {
        DB::transaction(static function () use ($trip, $gone, $minutes): void {
            Trip::query()->toBase()->where('id', $trip->id)->lockForUpdate()->value('id');
            $drill = self::of($trip);
            if ($drill->gone === $gone) {
                $drill->tow($minutes);
            }
        });
    }

    /** The day's spread is towed: its lines are logged, and what the water answers. */
    private function tow(int $minutes): void
    {
        $until = min(HiddenTow::DAY_MIN, $this->gone + $minutes);
        $spread = SpreadOfDay::of($this->trip);
        $water = new TowedWater($this->day, $spread);
        foreach ($spread->lines as $running) {
            $run = $this->running($running, $spread);
            for ($minute = $this->gone + 1; $minute <= $until; $minute++) {
                $at = $this->start->copy()->addMinutes($minute);
                $strike = $at->lte($run->started_at) ? null : $water->strike($running, $minute);
                if ($strike !== null) {
                    Contact::query()->create([
                        'id' => (string) Str::uuid(), 'trip_id' => $this->trip->id, 'stint_id' => $run->id, 'at' => $at, 'kind' => $strike->contact->kind->value, 'at_cast' => 1,
                        'troll_mph' => $spread->speedMph, 'heading_deg' => TowedWater::headingDeg($minute), 'in_turn' => $strike->inTurn ? 'yes' : null,
                    ]);
                }
            }
            $run->update(['lifted_at' => max($run->started_at, $this->start->copy()->addMinutes($until))]);
        }
        $this->trip->recount();
    }

    /** @return list<array{TrolledRun, float, int}> each run with its speed in mph, and the minute at which it began */
    public function towed(): array
    {
        return array_map(fn (TrolledRun $run, Stint $stint): array => [
            $run, (float) $stint->troll_mph, (int) round($this->start->diffInMinutes($stint->started_at)),
        ], Stint::towed($this->stints), array_values($this->stints->whereNotNull('line')->all()));
    }

    /** @return list<Contact> of the last so many minutes, in order */
    public function lately(int $minutes): array
    {
        $from = $this->start->copy()->addMinutes($this->gone - $minutes);

        return array_values($this->stints->flatMap->contacts->filter(static fn (Contact $c): bool => $c->at->gt($from))->sortBy('at')->all());
    }

    /** The run that a line goes on with, or a new one where it was changed; that takes it out of the water for a while. */
    private function running(RunningLine $running, Spread $spread): Stint
    {
        $line = $running->line;
        /** @var ?Stint $last */
        $last = $this->stints->where('line', $line->key)->sortBy('started_at')->last();
        $still = $last !== null && abs($last->let_out_ft - $line->letOutFt) < 0.1
            && [$last->lure, $last->color] === [$line->lure->key, $line->color->value]
            && [$last->carrier, $last->length_in] === [$line->carrier->value, $line->lengthIn];
        if ($last !== null && $still && abs($last->troll_mph - $spread->speedMph) < 1e-3 && abs($last->depth_ft - $running->depthFt) < 0.1) {
            return $last;
        }
        $out = $this->gone === 0 || $still ? 0 : TowedWater::CHANGE_MIN;
        $run = $this->trip->stints()->make(SpreadOfDay::entry($running) + [
            'started_at' => $this->start->copy()->addMinutes($this->gone + $out), 'troll_mph' => $spread->speedMph, 'cast_count' => 0, 'spot' => 'The long shore',
        ]);
        $run->id = (string) Str::uuid();
        $run->save();

        return $run;
    }
}
