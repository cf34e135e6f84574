<?php

declare(strict_types=1);

namespace App\Waters;

use App\Boat\Fixes;
use App\Day\Kept;
use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use OldEddy\Contract\SpreadContract;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Reading\Reading;
use OldEddy\Troll\BottomBehind;
use OldEddy\Troll\Pass;
use OldEddy\Troll\PassFinder;
use OldEddy\Troll\Spread;
use OldEddy\Troll\Tangles;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;

/** The passes of a day's spread over its lake (T8), what they go by, and what lies under the lines on them. */
final class PassesOfDay
{
    /** Of the boat's own way so many places behind it tell what lies under its lines. */
    private const BEHIND = 60;

    /** @var list<Pass> longest first */
    public readonly array $passes;

    /** The tightest turn of the spread, radius in feet. */
    public readonly float $turnFt;

    /** @var list<LakeSpot> marked places of which the bottom is known */
    public readonly array $marked;

    /** @var list<Position> the boat's own way today */
    public readonly array $track;

    private ?DepthGrid $grid = null;

    private bool $read = false;

    private function __construct(public readonly Lake $lake, private readonly Trip $trip, private readonly Reading $reading, Spread $spread, ?Bottom $over)
    {
        $this->marked = array_values($lake->spots()->get()->whereNotNull('bottom')->all());
        $wanted = array_values(array_filter($this->marked, static fn (LakeSpot $s): bool => $s->bottom === $over?->value));
        $places = array_map(static fn (LakeSpot $s): Position => new Position($s->lat, $s->lon), $wanted);
        $what = "passes {$lake->shapeKey()} ".json_encode([SpreadContract::kept($spread), $wanted === [] ? [] : $places], JSON_THROW_ON_ERROR);
        [$this->turnFt, $this->passes] = Kept::of($what, $reading->day, function () use ($spread, $places): array {
            $turn = Tangles::tightest($spread);

            return [$turn, $this->grid() === null ? [] : PassFinder::in($this->grid(), $spread, $turn, $places)];
        });
        $this->track = array_column(Fixes::way($trip), 1);
    }

    /** Those of a kept spread; null on a day without a charted lake or without lines. A bottom that no place has is none that was asked for. */
    public static function of(Trip $trip, Reading $reading, Spread $spread, ?Bottom $over = null): ?self
    {
        $lake = $trip->lake;

        return $lake === null || ! $lake->hasDepths() || $spread->lines === [] ? null : new self($lake, $trip, $reading, $spread, $over);
    }

    /** @return list<Bottom> the bottoms that are marked on the lake */
    public function bottoms(): array
    {
        return array_map(Bottom::from(...), array_values(array_unique(array_map(static fn (LakeSpot $s): string => (string) $s->bottom, $this->marked))));
    }

    /** @return list<array{LakeSpot, float}> the marked places that a pass goes by, and after how many feet, in their order */
    public function past(Pass $pass): array
    {
        $past = [];
        foreach ($this->marked as $spot) {
            $feet = $pass->past(new Position($spot->lat, $spot->lon));
            if ($feet !== null) {
                $past[] = [$spot, $feet];
            }
        }
        usort($past, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $past;
    }

    /** Where the lines are looked at first: under the boat where its instruments say where it is, else on the first pass; null for neither. */
    public function usual(): ?string
    {
        return count($this->track) > 1 ? 'boat' : ($this->passes === [] ? null : '0');
    }

    /** The bottom under a spread where the boat is, or on a pass (by its number from 0) after a share of it; null where that is nowhere. */
    public function under(Spread $spread, ?string $where, float $share): ?BottomBehind
    {
        $way = match ($where) {
            null => [],
            'boat' => array_slice($this->track, -self::BEHIND),
            default => ($this->passes[(int) $where] ?? null)?->until($share) ?? [],
        };
        $ground = count($way) < 2 || $this->grid() === null ? null : BottomBehind::along($way, $this->grid(), $spread);

        return $ground === null || $ground->behind === [] ? null : $ground;
    }

    private function grid(): ?DepthGrid
    {
        if (! $this->read) {
            $this->read = true;
            $this->grid = $this->lake->gridAt($this->reading->day->riseFt());
        }

        return $this->grid;
    }
}
