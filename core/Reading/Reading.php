<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Conditions\Settled;
use OldEddy\Season\StageFound;
use OldEddy\Water\Light;
use OldEddy\Water\Sight;

/** What the water says: stage, mood, where the fish stand, how far they see and move, and why. */
final readonly class Reading
{
    /** @param  list<Finding>  $findings */
    public function __construct(
        public Settled $day,
        public StageFound $stage,
        public Mood $mood,
        public Stand $stand,
        public bool $leave,
        public array $findings,
    ) {
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
        $sun = $this->day->sunElevationDeg;
        $cast = $this->day->spot->castBearingDeg;
        if ($sun === null || $cast === null || $this->day->sunAzimuthDeg === null || $sun <= 0 || $sun >= 45 || $this->day->sky->isCovered()) {
            return null;
        }
        $shadow = fmod($this->day->sunAzimuthDeg + 180, 360);
        $apart = abs(fmod($shadow - $cast + 540, 360) - 180);

        return $apart >= 30 ? null : sprintf('Your shadow falls towards %.0f°, %.0f° off your cast: move so that it falls behind or beside the line.', $shadow, $apart);
    }
}
