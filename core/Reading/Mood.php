<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Ramp;
use OldEddy\Basics\Said;
use OldEddy\Basics\Units\Temperature;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Season\Appetite;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\ClarityShift;

/** How willing the fish are, −1 (negative) to +1 (active), as a sum of named parts. Basis: rule F12, our own choice. */
final readonly class Mood
{
    /** Words by value: under the first negative, to the second neutral, above active (F12). */
    private const NEGATIVE_UNDER = -0.25;

    private const NEUTRAL_TO = 0.35;

    /** The parts that follow the year. */
    private const OF_THE_YEAR = ['appetite', 'stage', 'trend'];

    public float $value;

    /** @param  list<MoodPart>  $parts */
    private function __construct(public array $parts)
    {
        $this->value = round(max(-1.0, min(1.0, array_sum(array_column($parts, 'value')))), 3);
    }

    /** The mood of the day in a stage. */
    public static function of(Settled $day, Stage $stage): self
    {
        $parts = [
            self::appetite($day),
            self::stage($stage),
            self::trend($day),
            self::front($day),
            self::wind($day),
            self::light($day),
            self::sky($day),
            self::shift($day),
            self::pressure($day),
            self::inflow($day),
        ];

        return new self(array_values(array_filter($parts)));
    }

    /** negative, neutral or active. */
    public function word(): string
    {
        return match (true) {
            $this->value < self::NEGATIVE_UNDER => 'negative',
            $this->value <= self::NEUTRAL_TO => 'neutral',
            default => 'active',
        };
    }

    /** Whether the word is negative. */
    public function isNegative(): bool
    {
        return $this->value < self::NEGATIVE_UNDER;
    }

    /** Whether the word is active. */
    public function isActive(): bool
    {
        return $this->value > self::NEUTRAL_TO;
    }

    /**
     * The part of the mood that weather, light and people make, without season and temperature: what lengthens a pause
     * beyond what the cold asks for.
     */
    public function ofTheDay(): float
    {
        $sum = 0.0;
        foreach ($this->parts as $part) {
            $sum += in_array($part->key, self::OF_THE_YEAR, true) ? 0.0 : $part->value;
        }

        return max(-1.0, min(1.0, $sum));
    }

    private static function appetite(Settled $day): MoodPart
    {
        $share = Appetite::of($day->species)->at(Temperature::fromFahrenheit($day->tempF)->celsius());

        return new MoodPart(
            'appetite',
            round(-0.3 + 0.6 * $share, 3),
            Said::of('At {%.0f °F} appetite stands at %.0f %% of its best.', $day->tempF, 100 * $share),
        );
    }

    private static function stage(Stage $stage): ?MoodPart
    {
        $value = match ($stage) {
            Stage::Prespawn => 0.3,
            Stage::Fall => 0.25,
            Stage::EarlyFall => 0.15,
            Stage::EarlyPrespawn, Stage::LateFall => 0.1,
            default => 0.0,
        };

        return $value === 0.0 ? null : new MoodPart('stage', $value, ucfirst($stage->words()).' fish feed up.');
    }

    private static function trend(Settled $day): ?MoodPart
    {
        if ($day->tempTrendFPerDay <= 0.2 || $day->tempF >= 65) {
            return null;
        }

        return new MoodPart(
            'trend',
            round(min(0.2, 0.15 * $day->tempTrendFPerDay), 3),
            Said::of('Cold water is warming by {%.1f °F a day}.', $day->tempTrendFPerDay),
        );
    }

    private static function front(Settled $day): ?MoodPart
    {
        return match ($day->front) {
            Front::Stable => null,
            Front::Approaching => new MoodPart('front', 0.3, 'A front is coming: often the best bite.'),
            Front::Passing => new MoodPart('front', 0.05, 'The front is passing through.'),
            Front::Post1 => new MoodPart('front', -0.6, 'First bluebird day after the front.'),
            Front::Post2 => new MoodPart('front', -0.4, 'Second bluebird day after the front.'),
            Front::Recovering => new MoodPart('front', -0.1, 'Still recovering from the front.'),
        };
    }

    private static function wind(Settled $day): ?MoodPart
    {
        $value = round(min(0.15, 0.012 * $day->windMph) * Ramp::up($day->windMph, 3, 6), 3);

        return $value === 0.0 ? null : new MoodPart('wind', $value, Said::of('{%.0f mph} of wind breaks the surface.', $day->windMph));
    }

    private static function light(Settled $day): ?MoodPart
    {
        return $day->lowLight ? new MoodPart('light', 0.15, $day->isNight() ? 'Night: they hunt by outline and sound.' : 'Low light: predators have the edge.') : null;
    }

    private static function sky(Settled $day): ?MoodPart
    {
        return match ($day->sky) {
            Sky::Overcast, Sky::Rain => new MoodPart('sky', 0.1, 'Clouds let the fish roam.'),
            Sky::Partly, Sky::Clear => null,
        };
    }

    private static function shift(Settled $day): ?MoodPart
    {
        return match ($day->clarityShift) {
            ClarityShift::SharplyDown => new MoodPart('clarity', -0.2, 'Far dirtier than this water usually is.'),
            ClarityShift::Down => new MoodPart('clarity', -0.1, 'Dirtier than this water usually is.'),
            default => null,
        };
    }

    private static function pressure(Settled $day): ?MoodPart
    {
        return $day->pressure === Pressure::Heavy ? new MoodPart('pressure', -0.15, 'Heavy fishing pressure.') : null;
    }

    private static function inflow(Settled $day): ?MoodPart
    {
        return $day->inflow->isColdMud() ? new MoodPart('inflow', -0.8, 'Cold muddy water runs in: the worst case.') : null;
    }
}
