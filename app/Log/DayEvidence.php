<?php

declare(strict_types=1);

namespace App\Log;

use App\Day\Kept;
use App\Models\Stint;
use App\Models\Trip;
use Illuminate\Database\Eloquent\Collection;
use OldEddy\Day\Season\Stage;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Goal;
use OldEddy\Log\Evidence\OwnPast;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\SunTurns;
use OldEddy\Log\Evidence\Turn as LoggedTurn;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Manner;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\NextMove;
use OldEddy\Log\Next\TimeLeft;
use OldEddy\Reading\Groups;
use OldEddy\Reading\Reading;

/** A day's log as the core weighs it. */
final readonly class DayEvidence
{
    public Evidence $evidence;

    public Pattern $pattern;

    public OwnPast $past;

    /** @var list<LoggedTurn> */
    public array $turns;

    private Manner $manner;

    /** @param  Collection<int, Stint>  $stints of the trip, with their contacts, in order of time */
    public function __construct(
        Trip $trip, Collection $stints, public Reading $reading, private Choices $choices = new Choices, ?TimeLeft $time = null, ?Margin $margin = null,
    ) {
        $this->past = $trip->drill_seed === null ? History::before($trip, $reading) : new OwnPast(0, 0, 0.0);
        $this->turns = ($margin ?? new Margin($trip))->turns;
        // On a hidden day no sun stands over the water.
        $sunDay = $trip->drill_seed === null ? $reading->day->sunDay : null;
        $sun = $sunDay === null ? [] : Kept::of('sun turns', $reading->day, static fn (): array => SunTurns::of($sunDay, (string) $trip->conditions['date']));
        $this->evidence = Evidence::weigh(Stint::logged($stints, $trip->user->name), $this->past->prior(), [...$this->turns, ...$sun]);
        $this->pattern = Pattern::in($this->evidence);
        $stage = $reading->stage->stage;
        $inGroups = Groups::expected($reading->day, $stage);
        $this->manner = new Manner(
            $trip->user->schools(), $stage === Stage::Winter, $inGroups, $time ?? new TimeLeft, Goal::from($trip->goal), $trip->practice,
        );
    }

    /** What its log, its prior and the way it is fished are known by. */
    public function key(): string
    {
        return hash('xxh128', serialize([$this->evidence->stints, $this->evidence->turns, $this->evidence->prior, $this->manner]));
    }

    /** @return non-empty-list<Move> what to do next, reckoned when somebody asks */
    public function next(): array
    {
        return NextMove::after($this->evidence, $this->pattern, $this->choices, $this->manner);
    }
}
