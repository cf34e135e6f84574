<?php

declare(strict_types=1);

namespace OldEddy\Boat;

use DateTimeImmutable;
use DateTimeZone;

/**
 * What the instruments have said so far: the newest value of each quantity with its second (Unix time, by the
 * instruments' own clock), and how many lines were broken and why. Lines before the first dated sentence count as undated.
 */
final readonly class BoatState
{
    /** From this speed on a boat makes way rather than drifts, mph. Basis: our own choice. */
    private const UNDER_WAY_MPH = 2.0;

    /**
     * @param  array<string, array{float, float}>  $values  by key of Quantity: value, Unix second
     * @param  array<string, int>  $broken  lines by reason
     */
    public function __construct(
        public array $values = [],
        public ?float $clock = null,
        public int $heard = 0,
        public int $undated = 0,
        public array $broken = [],
        private ?string $date = null,
    ) {
    }

    /** The state after one more line, sound or broken. */
    public function after(string $line): self
    {
        $sentence = Sentence::read($line);
        if ($sentence instanceof Broken) {
            return $this->spoilt($sentence);
        }
        [$date, $clock] = $this->ticked($sentence);
        $told = Meaning::of($sentence) + $this->wind($sentence, $clock);
        foreach ($told as $key => $value) {
            [$least, $most] = Quantity::from($key)->limits();
            if ($value < $least || $value > $most) {
                return $this->spoilt(Broken::Impossible);
            }
        }
        if ($clock === null) {
            return new self($this->values, null, $this->heard + 1, $this->undated + ($told === [] ? 0 : 1), $this->broken, $date);
        }
        $values = $this->values;
        foreach ($told as $key => $value) {
            $values[$key] = [$value, $clock];
        }

        return new self($values, $clock, $this->heard + 1, $this->undated, $this->broken, $date);
    }

    /** The newest value of a quantity in its unit, or null when there is none or it is stale at this Unix second. */
    public function fresh(Quantity $quantity, float $atSecond): ?float
    {
        $known = $this->values[$quantity->value] ?? null;

        return $known === null || $atSecond - $known[1] > $quantity->staleAfterS() ? null : $known[0];
    }

    /**
     * The wind over the land out of the wind over the bow. A running boat makes a wind of its own: its felt wind is left out.
     *
     * @return array<string, float> by key of Quantity
     */
    private function wind(Sentence $sentence, ?float $clock): array
    {
        $felt = Meaning::windOverBow($sentence);
        if ($felt === null || $clock === null) {
            return [];
        }
        [$angle, $mph, $isTrue] = $felt;
        $speed = $this->fresh(Quantity::SpeedMph, $clock);
        if (! $isTrue && ($speed === null || $speed >= self::UNDER_WAY_MPH)) {
            return [];
        }
        // A boat that makes way points about where it goes.
        $heading = $this->fresh(Quantity::HeadingDeg, $clock) ?? ($speed >= self::UNDER_WAY_MPH ? $this->fresh(Quantity::CourseDeg, $clock) : null);

        return [Quantity::WindMph->value => $mph] + ($heading === null ? [] : [Quantity::WindFromDeg->value => fmod($heading + $angle, 360)]);
    }

    /** @return array{?string, ?float} date and Unix second */
    private function ticked(Sentence $sentence): array
    {
        $told = Meaning::clock($sentence);
        if ($told === null) {
            return [$this->date, $this->clock];
        }
        $date = $told[0] ?? $this->date;
        if ($date === null) {
            return [null, null];
        }
        $second = (new DateTimeImmutable($date.' 00:00', new DateTimeZone('UTC')))->getTimestamp() + $told[1];
        // A time without a date after midnight belongs to the next day.
        if ($told[0] === null && $this->clock !== null && $second < $this->clock - 43200) {
            $second += 86400;
        }

        return [$date, $second];
    }

    private function spoilt(Broken $why): self
    {
        return new self(
            $this->values,
            $this->clock,
            $this->heard,
            $this->undated,
            [...$this->broken, $why->value => ($this->broken[$why->value] ?? 0) + 1],
            $this->date,
        );
    }
}
