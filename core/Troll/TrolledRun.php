<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use DateTimeImmutable;
use OldEddy\Basics\Moment;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\Stint;

/** A line from when it went into the water until it came out or was changed: what ran on it, for how many minutes, and what struck. Rule T10. */
final readonly class TrolledRun
{
    /** Let-outs are told apart by so many feet. Basis: own choice, what a counter on a reel is worth. */
    private const LET_OUT_FT = 10;

    /**
     * @param  string  $at  date and time it went in (ISO 8601)
     * @param  float  $depthFt  of the lure, 0 or more
     * @param  float  $minutes  in the water, 0 or more
     * @param  list<Strike>  $strikes  in order
     * @param  ?Tack  $tack  the boat's way meanwhile, where it is known
     */
    public function __construct(
        public string $at, public string $key, public Side $side, public Station $station, public string $lure, public string $color, public float $letOutFt,
        public float $depthFt, public float $minutes, public array $strikes, public ?string $spot = null, public ?Tack $tack = null,
    ) {
    }

    /** It as the evidence weighs it: line-minutes stand for casts. */
    public function weighed(): Stint
    {
        $contacts = array_map(
            static fn (Strike $s): Contact => new Contact($s->contact->kind, $s->contact->species, atCast: max(1, (int) ceil($s->minute))), $this->strikes,
        );

        return new Stint($this->at, [
            'side' => $this->side->value, 'position' => $this->station->value, 'lure' => $this->lure, 'color' => $this->color, 'spot' => $this->spot,
            'let_out' => sprintf('%d ft', self::LET_OUT_FT * (int) round($this->letOutFt / self::LET_OUT_FT)),
            'heading' => $this->tack?->heading, 'boat_speed' => $this->tack?->speed(),
        ], $this->depthFt, (int) round($this->minutes), $this->minutes, $contacts);
    }

    /** Contacts, each by how much it says. */
    public function worth(): float
    {
        return $this->weighed()->weight();
    }

    /** @return list<string> the minute in which it was struck last, from and to (ISO 8601); empty where it never was */
    public function struckLast(): array
    {
        $last = $this->strikes[count($this->strikes) - 1] ?? null;

        return $last === null ? [] : [$this->moment(max(0.0, $last->minute - 1)), $this->moment($last->minute)];
    }

    /**
     * The run in pieces: cut at some moments, and where the boat went another way.
     *
     * @param  list<string>  $moments  ISO 8601
     * @param  list<Tack>  $tacks
     * @return non-empty-list<self> in order; itself where nothing cuts it
     */
    public function parted(array $moments, array $tacks): array
    {
        $cuts = [0.0, $this->minutes];
        foreach ([...$moments, ...array_column($tacks, 'from'), ...array_column($tacks, 'to')] as $moment) {
            $cuts[] = max(0.0, min($this->minutes, $this->minuteOf($moment)));
        }
        sort($cuts);
        $pieces = [];
        for ($i = 1; $i < count($cuts); $i++) {
            if ($cuts[$i] > $cuts[$i - 1]) {
                $pieces[] = $this->piece($cuts[$i - 1], $cuts[$i], $tacks);
            }
        }

        return $pieces === [] ? [$this] : $pieces;
    }

    /** @param  list<Tack>  $tacks */
    private function piece(float $from, float $to, array $tacks): self
    {
        $strikes = array_filter($this->strikes, fn (Strike $s): bool => min($s->minute, $this->minutes) <= $to && ($s->minute > $from || $from === 0.0));
        $middle = ($from + $to) / 2;
        $on = array_filter($tacks, fn (Tack $l): bool => $this->minuteOf($l->from) < $middle && $this->minuteOf($l->to) > $middle);

        return new self(
            $this->moment($from), $this->key, $this->side, $this->station, $this->lure, $this->color, $this->letOutFt, $this->depthFt, $to - $from,
            array_map(static fn (Strike $s): Strike => new Strike($s->contact, max(0.0, $s->minute - $from), $s->inTurn), array_values($strikes)),
            $this->spot, array_values($on)[0] ?? null,
        );
    }

    private function moment(float $minute): string
    {
        return (new DateTimeImmutable($this->at))->modify(sprintf('+%d seconds', (int) round(60 * $minute)))->format('Y-m-d\TH:i:s');
    }

    private function minuteOf(string $moment): float
    {
        return Moment::secondsBetween($this->at, $moment) / 60;
    }
}
