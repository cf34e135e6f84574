<?php

declare(strict_types=1);

namespace App\Year;

use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Rate;

/** One lure at one depth at one place on past days: casts, contacts, best fish, and how it was shown most. */
final class Paid
{
    public int $casts = 0;

    public int $contacts = 0;

    public ?float $bestIn = null;

    public float $depthFt = 0.0;

    public string $color = '';

    public string $retrieve = '';

    public ?int $spotId = null;

    public bool $wasMarked = false;

    /** Why it is struck out today; null where it is not. */
    public ?string $struck = null;

    private float $weighed = 0.0;

    private float $most = -1.0;

    /** @var array<string, true> */
    private array $days = [];

    public function __construct(public readonly string $place, public readonly string $lure, public readonly string $depth, public readonly bool $isHere)
    {
    }

    /** Takes in a stint. */
    public function add(\stdClass $row): void
    {
        $this->casts += (int) $row->cast_count;
        $this->contacts += (int) $row->n;
        $this->weighed += (float) $row->weighed;
        $this->bestIn = $row->best === null ? $this->bestIn : max((float) $row->best, $this->bestIn ?? 0.0);
        $this->days[(string) $row->day] = true;
        if ($row->spot_id !== null) {
            $this->wasMarked = true;
            $this->spotId = (int) $row->spot_id;
        }
        if ((float) $row->weighed > $this->most) {
            [$this->most, $this->depthFt] = [(float) $row->weighed, (float) $row->depth_ft];
            [$this->color, $this->retrieve] = [(string) $row->color, (string) $row->retrieve];
        }
    }

    public function days(): int
    {
        return count($this->days);
    }

    /** What it promises: contacts per cast, drawn to the usual where casts are few. */
    public function promise(): float
    {
        return Rate::after(new Prior, $this->weighed, $this->casts)->mean();
    }
}
