<?php

declare(strict_types=1);

namespace App\Log;

use App\Boat\Fixes;
use App\Day\SpreadOfDay;
use App\Models\Stint;
use App\Models\Trip;
use App\Show\Units;
use Illuminate\Database\Eloquent\Collection;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Reading\Reading;
use OldEddy\Troll\Course;
use OldEddy\Troll\Fired;
use OldEddy\Troll\LineCard;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Shift;
use OldEddy\Troll\Spread;

/** The towed lines of a day: the spread as the deck draws it, what its lines gave so far, and what that says. */
final class TowedLines
{
    private ?Fired $fired = null;

    private ?Spread $spread = null;

    /**
     * @param  Collection<int, Stint>  $stints  all of the day, with their contacts
     * @param  list<Turn>  $turns  of the day
     */
    public function __construct(
        private readonly Trip $trip, private readonly Collection $stints, private readonly Reading $reading, private readonly Units $units,
        private readonly array $turns,
    ) {
    }

    /** Whether the day is one on which lines are towed. */
    public function are(): bool
    {
        return ($this->trip->drill_seed === null || $this->reading->day->mode === Mode::Troll)
            && ($this->trip->spread !== null || $this->reading->day->mode === Mode::Troll || $this->stints->whereNotNull('line')->isNotEmpty());
    }

    /** What fired (T10). */
    public function fired(): Fired
    {
        return $this->fired ??= Fired::of(Stint::towed($this->stints), $this->turns, prior: $this->prior());
    }

    /** The same with the boat's way, where its instruments left one: by heading and speed over ground. */
    public function byCourse(): Fired
    {
        $tacks = Course::tacks(Fixes::way($this->trip));

        return $tacks === [] ? $this->fired() : Fired::of(Stint::towed($this->stints), $this->turns, $tacks, $this->prior());
    }

    private function prior(): ?Prior
    {
        $asks = $this->trip->drill_seed === null && $this->stints->whereNotNull('line')->isNotEmpty();

        return $asks ? History::towedBefore($this->trip, $this->reading)->prior(Fired::prior()) : null;
    }

    /** The next move of the spread; null where there is none. */
    public function shift(): ?Shift
    {
        return $this->fired()->runs === [] ? null : Shift::after($this->fired(), $this->spread(), $this->reading->stand);
    }

    /** How much was towed and what it gave, in words. */
    public static function words(Fired $fired): string
    {
        $contacts = $fired->evidence->contactCount();

        return sprintf(
            '%d %s in %.1f line-hours%s', $contacts, $contacts === 1 ? 'contact' : 'contacts', $fired->lineMinutes() / 60,
            self::rate(', %.1f in a line-hour', $fired->lineMinutes(), $contacts),
        );
    }

    /** A rate as it is said, where enough was towed that it tells something. */
    public static function rate(string $words, float $minutes, int $contacts, float $fromMinutes = Fired::TELLS_MIN): string
    {
        $rate = Fired::rate($minutes, $contacts, $fromMinutes);

        return $rate === null ? '' : sprintf($words, $rate);
    }

    /** @return list<string> what was learned by the lines so far */
    public function says(): array
    {
        $said = array_filter([$this->are() ? $this->shift()?->text() : null, $this->are() ? $this->fired()->turns() : null]);

        return array_map($this->units->say(...), array_values($said));
    }

    /** @return ?array<string, mixed> the spread as a device needs it; null on a day without one */
    public function ground(): ?array
    {
        if (! $this->are() || $this->spread()->lines === []) {
            return null;
        }
        $spread = $this->spread();

        return [
            'mph' => round($spread->speedMph, 2), 'range_mph' => $spread->range === null ? null : [round($spread->range->fromMph, 2), round($spread->range->toMph, 2)],
            'lines' => array_map($this->line(...), $spread->lines, array_keys($spread->lines)),
            'above' => view('troll.deck', ['spread' => $spread, 'stand' => $this->reading->stand, 'units' => $this->units])->render(),
        ];
    }

    /** @return array<string, mixed> */
    private function line(RunningLine $running, int $index): array
    {
        $line = $running->line;

        return [
            'key' => $line->key, 'number' => $index + 1, 'words' => $line->words(),
            'about' => sprintf('%s, %s, %s out', $line->lure->name(), $line->color->words(), $this->units->depth($line->letOutFt)),
            'card' => $this->units->say(LineCard::on($this->spread(), $line->key)?->words() ?? ''),
            // What goes into the log when it is set.
            'entry' => SpreadOfDay::entry($running),
        ];
    }

    private function spread(): Spread
    {
        return $this->spread ??= SpreadOfDay::of($this->trip);
    }
}
