<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Spot;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Light;
use OldEddy\Day\Water\Sight;

/** What the water says: stage, mood, where the fish stand, how far they see and move, and why. */
final readonly class Reading
{
    /** @var non-empty-list<Cover> the covers that count today: those of the spot, or the two to look for first */
    public array $covers;

    public function __construct(
        public Settled $day,
        public StageFound $stage,
        public Mood $mood,
        public Stand $stand,
        public bool $leave,
    ) {
        $this->covers = self::coversInReach($day->spot, $stand);
    }

    /** @return list<Finding> what the rules say of it, put into words now */
    public function findings(): array
    {
        return Findings::of($this);
    }

    /** How fish stand at this place (F21). */
    public function standing(): Standing
    {
        return new Standing($this->stand);
    }

    /** Whether the day is in one of these stages. */
    public function isAt(Stage ...$stages): bool
    {
        return in_array($this->stage->stage, $stages, true);
    }

    /** Whether it is a bass's reading in one of these stages: what rules F2 to F10 say of bass they say of no other. */
    public function isOfBass(Stage ...$stages): bool
    {
        return $this->day->species->isBass() && $this->isAt(...$stages);
    }

    /** Feet a fish will move for a silent lure, or a loud one. */
    public function strikeRadiusFt(bool $loud = false): float
    {
        return StrikeRadius::feet($this->mood->value, $this->day->visibilityFt, $loud);
    }

    /** Feet from which a contrasting lure is made out at the fish's depth. */
    public function seenFromFt(): float
    {
        return Sight::in($this->day->visibilityFt)->reachFt($this->stand->middleFt());
    }

    /** Depth in feet with one per cent of the surface light. */
    public function lightOnePercentFt(): float
    {
        return (new Light($this->day->visibilityFt))->onePercentDepthFt();
    }

    /** W18: a sentence when the angler's shadow falls within 30° of the cast and the sun is under 45° high, else null. */
    public function shadowWarning(): ?string
    {
        $cast = $this->day->spot->castBearingDeg;
        $shadow = Shadow::of($this->day);

        return $cast === null || $shadow === null || ! $shadow->spoils($cast) ? null
            : sprintf(
                'Your shadow falls towards %.0f°, %.0f° off your cast: move so that it falls behind or beside the line.',
                $shadow->towardDeg,
                $shadow->offDeg($cast),
            );
    }

    /** @return non-empty-list<Cover> */
    private static function coversInReach(Spot $spot, Stand $stand): array
    {
        if ($spot->covers !== []) {
            // Shade lies over other cover and does not replace it; "none" says nothing beside a real cover.
            $solid = array_values(array_filter($spot->covers, static fn (Cover $c): bool => $c !== Cover::Shade && $c !== Cover::None));

            return $solid !== [] ? $solid : [$spot->covers[0]];
        }
        if ($spot->structure !== null) {
            return [$spot->isDock() ? Cover::Dock : Cover::None];
        }

        return array_slice($stand->covers, 0, 2) ?: [Cover::None];
    }
}
