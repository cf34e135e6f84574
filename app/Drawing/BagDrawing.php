<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Show\Units;
use App\Year\BagAhead;
use OldEddy\Basics\Units\Mass;
use OldEddy\Log\Fish\BagOutlook;

/** What the rest of a day promises to the bag, as rows along one scale of weight (Y7). */
final readonly class BagDrawing
{
    public const WIDTH = 200;

    /** Pounds at the right end of the scale. */
    private float $most;

    public function __construct(BagAhead $ahead, private ?float $beatLb, private Units $units)
    {
        $this->most = max([0.1, $beatLb ?? 0.0, ...array_map(static fn (BagOutlook $o): float => $o->span()[1], $ahead->outlooks)]);
    }

    public function x(float $pounds): float
    {
        return round(self::WIDTH * $pounds / $this->most, 1);
    }

    /** Where the weight to beat stands; null where there is none. */
    public function beat(): ?float
    {
        return $this->beatLb === null ? null : $this->x($this->beatLb);
    }

    public function end(): string
    {
        return $this->pounds($this->most);
    }

    public function pounds(float $pounds): string
    {
        return $this->units->fish(Mass::fromPounds($pounds));
    }

    /** A bag and its span in words. */
    public function says(BagOutlook $outlook): string
    {
        return sprintf('%s, %s to %s', $this->pounds($outlook->mean()), ...array_map($this->pounds(...), $outlook->span()));
    }
}
