<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\LakeSpot;
use App\Show\Units;
use OldEddy\Basics\Said;
use OldEddy\Basics\Units\Speed;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Reading\Shadow;
use OldEddy\Where\Docks\DockBoat;
use OldEddy\Where\Docks\DockMark;
use OldEddy\Where\Docks\DockPlan;
use OldEddy\Where\Docks\DockReader;
use OldEddy\Where\Docks\DockRow;
use OldEddy\Where\Docks\DockShade;
use OldEddy\Where\Drift\DriftPlan;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Shade\ShadeDay;
use OldEddy\Where\Stream\CurrentPlace;

/** All that the core reads of one spot at a minute of the day. */
final readonly class SpotToday
{
    /** So many casts at a dock are told in a few words. */
    private const CASTS_TOLD = 2;

    /** A drift is shown so far around the spot, metres. */
    public const DRIFTED_M = 150.0;

    /** What one drifts over rather than casts to. */
    private const DRIFTED = [Structure::Flat, Structure::BackOfCreek, Structure::GravelBar];

    public Place $place;

    /** The day at this minute. */
    public Settled $day;

    public ?ShadeDay $shade;

    public ?Shadow $shadow;

    public ?DockPlan $dock;

    public ?CurrentPlace $current;

    /** Whether the direction of the current was said, or is taken to run along the bank. */
    public bool $flowSaid;

    public function __construct(private DayOnLake $lakeDay, public LakeSpot $spot, public int $minute)
    {
        $this->place = $lakeDay->lake->placeOf($spot);
        $this->day = $lakeDay->at($minute)->at($this->place)->reading->day;
        $bank = $this->place->shade();
        $this->shade = $bank === null || $this->day->sunDay === null ? null : new ShadeDay($bank, $this->day->sunDay);
        $this->shadow = Shadow::of($this->day);
        $this->dock = $spot->dockPlan($this->day->riseFt());
        $this->flowSaid = $spot->flows_to_deg !== null;
        $flows = $spot->flows_to_deg ?? ($spot->bank_faces_deg === null ? null : fmod($spot->bank_faces_deg + 90, 360));
        $depth = $this->place->depthAt($this->day->riseFt());
        $this->current = $this->place->structure === null || $flows === null ? null : CurrentPlace::of(
            $this->place->structure,
            $this->day->current,
            $flows,
            $depth[1] ?? 6.0,
            $spot->bank_faces_deg,
        );
    }

    /** Whether one's shadow falls on a cast from the water at the bank, as one casts from a boat. */
    public function shadowSpoilsTheBank(): bool
    {
        return $this->shadow !== null && $this->place->bankFacesDeg !== null && $this->shadow->spoils(fmod($this->place->bankFacesDeg + 180, 360));
    }

    /** @return list<string> in a few words what its dock, its current and its shade say at this minute */
    public function says(Units $units): array
    {
        $marks = array_slice($this->marks(), 0, self::CASTS_TOLD);
        $boat = $marks === [] ? null : $this->boat();
        $width = $this->place->shadeFtAt($this->day, $this->minute);

        return array_map($units->say(...), [
            ...array_map(static fn (DockMark $m): string|Said => $m->text, $marks),
            ...($boat === null ? [] : [$boat->text]),
            ...($this->current === null ? [] : [$this->current->text]),
            ...($this->shade === null || $width <= 0 ? [] : [Said::of('Shade {%.0f ft} wide now.', $width)]),
        ]);
    }

    /** The line of the cast here (S25). */
    public function cast(): CastHere
    {
        return new CastHere($this, $this->lakeDay);
    }

    /** The lanes in which this place is drifted with the wind (S28); null where it is no flat, or the wind does not carry. */
    public function drift(): ?DriftPlan
    {
        $from = $this->day->windFromDeg;
        $grid = in_array($this->place->structure, self::DRIFTED, true) ? $this->lakeDay->lake->gridAt($this->day->riseFt()) : null;

        return $grid === null || $from === null ? null : DriftPlan::at(
            $grid, $this->spot->position(), Speed::fromMph($this->day->windMph), $from,
        );
    }

    /** @return list<array{place: Place, likeness: float, shared: list<string>}> */
    public function lookalikes(): array
    {
        return $this->lakeDay->like($this->spot);
    }

    /** @return list<DockMark> */
    public function marks(): array
    {
        return $this->dock === null ? [] : DockReader::read($this->dock, $this->day);
    }

    public function dockShade(): ?DockShade
    {
        return $this->dock === null ? null : DockShade::of($this->dock, $this->day);
    }

    public function boat(): ?DockBoat
    {
        return $this->dock === null ? null : DockReader::boat($this->dock, $this->day);
    }

    /** @return list<array{dock: DockPlan, worth: float, why: string|Said}> the docks of the lake, best first */
    public function row(): array
    {
        $docks = $this->docks();

        return $this->dock === null || $docks === [] ? [] : DockRow::ranked($docks, $this->day);
    }

    /** @return list<DockPlan> */
    public function docksLikeIt(): array
    {
        return $this->dock === null ? [] : DockRow::like($this->dock, $this->docks());
    }

    /** @return list<DockPlan> */
    private function docks(): array
    {
        return array_values(array_filter(array_map(fn (LakeSpot $s): ?DockPlan => $s->dockPlan($this->day->riseFt()), $this->lakeDay->spots)));
    }
}
