<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;
use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Color\ColorChooser;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Tackle\Box;
use OldEddy\Choice\Tackle\Tackle;
use OldEddy\Day\Water\Sight;
use OldEddy\Reading\Reading;

/**
 * One lure of the lineup: its score with its effects, and, made when first asked for, its rigging, colors, line and rod.
 * Of thirty lures in a lineup an angler looks at three.
 */
final class Entry
{
    /** @var non-empty-list<ColorChoice>|null */
    private ?array $colors = null;

    public readonly LureFamily $lure;

    public readonly float $score;

    /** @param  ?Setup  $setup  where it was made already */
    public function __construct(private readonly Reading $reading, public readonly int $rank, private readonly Scored $scored, private ?Setup $setup = null)
    {
        $this->lure = $scored->lure;
        $this->score = $scored->score;
    }

    /** @return non-empty-list<Effect> what makes its score */
    public function effects(): array
    {
        return $this->scored->effects();
    }

    /** What speaks most for it; null where nothing does. */
    public function bestReason(): ?Effect
    {
        $best = null;
        foreach ($this->effects() as $effect) {
            if ($effect->effect > ($best->effect ?? 1.0)) {
                $best = $effect;
            }
        }

        return $best;
    }

    /** The lure made ready for the day. */
    public function setup(): Setup
    {
        return $this->setup ??= Setup::of($this->lure, $this->reading);
    }

    /** @return non-empty-list<ColorChoice> the colors to show, first choice first; what the box holds goes before what it lacks (K4) */
    public function colors(): array
    {
        return $this->colors ??= $this->atHandFirst(ColorChooser::choose($this->lure, $this->reading));
    }

    /** @return list<Lack> what the water asks of this lure and the box does not hold (rule K4) */
    public function lacks(): array
    {
        return Lack::of($this->lure, $this->reading, ColorChooser::choose($this->lure, $this->reading)[0], $this->setup());
    }

    /**
     * What is asked for and held, or where that is nothing, what is held; then what is asked for and not held.
     *
     * @param  non-empty-list<ColorChoice>  $asked
     * @return non-empty-list<ColorChoice>
     */
    private function atHandFirst(array $asked): array
    {
        $held = new HeldColors($asked, Box::of($this->lure->key, $this->reading->day));
        $colors = [...($held->both === [] ? $held->others : $held->both), ...$held->lacking];

        return $colors === [] ? $asked : $colors;
    }

    /** The line to fish it on. */
    public function line(): Said
    {
        return Tackle::line($this->lure, $this->reading);
    }

    /** The rod to fish it on. */
    public function rod(): string
    {
        return Tackle::rod($this->lure, $this->reading->day->species);
    }

    /** Feet from which fish make it out at its working depth (rule W8): lures that lean on sight show more contrast. */
    public function seenFromFt(): float
    {
        return Sight::in($this->reading->day->visibilityFt)->reachFt(
            $this->setup()->depthFt,
            0.6 + 0.4 * max($this->lure->appeal->sight, $this->lure->appeal->flash),
        );
    }

    /** Whether it is seen as a color or only as a silhouette at its working depth (rule W8). */
    public function seenAs(): string
    {
        return Sight::in($this->reading->day->visibilityFt)->showsColor($this->setup()->depthFt) ? 'color' : 'silhouette';
    }
}
