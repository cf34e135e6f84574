<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Column;

/** One lure family: what it is, where and when it belongs, what it does in the water, what fish perceive of it, how it is rigged. */
final readonly class LureFamily
{
    /** From this speed in feet a second that it can be worked at, it is worked for fish that chase. */
    private const MOVING_FROM_FT_S = 2.0;

    private const TO_TARGETS = ['flip', 'pitch', 'skip'];

    /**
     * @param  string  $group  the file of families/ it stands in
     * @param  non-empty-list<Column>  $columns  parts of the water column it works, its own first
     * @param  list<string>  $forage  what it copies
     * @param  non-empty-list<string>  $cadences  keys of cadences.php, the first that fits the day is taken
     * @param  string  $colorGroup  which colors it comes in
     * @param  string  $cast  the kind of cast it asks for
     * @param  list<Job>  $jobs  what rules know it for by name
     */
    public function __construct(
        public string $key,
        public string $group,
        public string $text,
        public Role $role,
        public array $columns,
        public YearSpan $year,
        public Hydraulics $hydraulics,
        public Appeal $appeal,
        public Rigging $rigging,
        public Habitat $habitat,
        public array $forage,
        public array $cadences,
        public string $colorGroup,
        public string $cast,
        public bool $trolled,
        public array $jobs,
    ) {
    }

    /** Its name for people. */
    public function name(): string
    {
        return str_replace('_', ' ', $this->key);
    }

    /** Whether a rule knows it for this. */
    public function does(Job $job): bool
    {
        return in_array($job, $this->jobs, true);
    }

    /** How well it comes through a cover: a factor, 0 for never. */
    public function through(Cover $cover): float
    {
        return $this->habitat->through($cover);
    }

    /** Whether it is put to a target rather than over the length of a cast (rule L15). */
    public function isForTargets(): bool
    {
        return in_array($this->cast, self::TO_TARGETS, true);
    }

    /** Whether it is worked on the surface. */
    public function isSurface(): bool
    {
        return $this->columns[0] === Column::Surface;
    }

    /** Whether it dives on its own lip. */
    public function dives(): bool
    {
        return $this->hydraulics->diveTiersFt !== [];
    }

    /** Whether it is a moving lure, worked for fish that chase. */
    public function isMoving(): bool
    {
        return $this->hydraulics->fastestFtS >= self::MOVING_FROM_FT_S;
    }

    /** Whether it makes noise or thump enough to be struck beyond sight (rule F13). */
    public function isLoud(): bool
    {
        return $this->appeal->loud;
    }
}
