<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

use Closure;
use OldEddy\Choice\Path\CoverShape;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Dock;
use OldEddy\Day\Conditions\DockKind;

/**
 * Every cover in its own form, in feet, built from where it lies, how high it stands and the bottom under it. Basis: rule COVER for
 * what each is; extent by CoverShape; the strokes are our own drawing.
 */
final readonly class CoverForms
{
    /**
     * @param  Closure(float): float  $bottomAt  depth in feet at a distance in feet
     * @param  float  $fine  1 for the full drawing; less draws fewer strokes
     */
    public function __construct(private Closure $bottomAt, private float $lengthFt, private Hand $hand, private float $fine, private ?Dock $dock)
    {
    }

    /** @return list<Form> */
    public function of(Cover $cover): array
    {
        $shape = CoverShape::of($cover);
        if ($shape === null) {
            return [];
        }
        [$from, $to, $height] = [$this->lengthFt * $shape->from, $this->lengthFt * $shape->to, $shape->height];

        return match ($cover) {
            Cover::LilyPads => $this->pads($from, $to),
            Cover::Reeds => $this->reeds($from, $to),
            Cover::GrassSubmerged => $this->grass($from, $to, $height, 0.9, 0.12),
            Cover::GrassEdge => $this->grass($from, $to, $height, 1.2, 0.1),
            Cover::GrassDying => $this->grass($from, $to, $height, 0.6, 0.5),
            Cover::GrassMatted => $this->mat($from, $to),
            Cover::Wood => [...$this->log($from, $to, $height), ...$this->twigs(($from + $to) / 2, $height, 5)],
            Cover::Laydown => $this->log($from, $to, $height),
            Cover::Stumps => $this->stumps($from, $to, $height),
            Cover::Brush => array_merge(
                ...array_map(fn (float $at): array => $this->twigs($at, $height, 11), $this->hand->spread($from, $to, $this->count(3))),
            ),
            Cover::FloodedBushes => array_merge(...array_map($this->bush(...), $this->hand->spread($from, $to, $this->count(4)))),
            Cover::StandingTimber => $this->timber($from, $to),
            Cover::Dock => $this->dock($from, $to),
            Cover::Rock => $this->rocks($from, $to, $height),
            Cover::Overhang => $this->overhang($from, $to),
            Cover::Shade, Cover::None => [],
        };
    }

    private function count(float $full): int
    {
        return max(1, (int) round($full * $this->fine));
    }

    private function bottom(float $at): float
    {
        return ($this->bottomAt)(max(0.0, min($this->lengthFt, $at)));
    }

    /** @return list<Form> leaves on the surface, each on a stem down to the bottom */
    private function pads(float $from, float $to): array
    {
        $forms = [];
        foreach ($this->hand->spread($from, $to, $this->count(($to - $from) / 1.8)) as $at) {
            $wide = $this->hand->between(0.45, 0.8);
            $forms[] = new Form(FormKind::Pad, [[$at - $wide, 0.0], [$at, -0.16], [$at + $wide, 0.0], [$at, 0.12]]);
            $foot = $at + $this->hand->between(-1.2, 1.2);
            $bottom = $this->bottom($foot);
            $forms[] = new Form(FormKind::Stem, [[$at, 0.1], [($at + $foot) / 2 + $this->hand->between(-0.5, 0.5), $bottom / 2], [$foot, $bottom]]);
        }

        return $forms;
    }

    /** @return list<Form> stalks from the bottom through the surface */
    private function reeds(float $from, float $to): array
    {
        return array_map(function (float $at): Form {
            $top = $at + $this->hand->between(-0.8, 0.8);
            $bottom = $this->bottom($at);

            return new Form(FormKind::Stem, [[$at, $bottom], [$at + 0.1, $bottom * 0.3], [$top, -$this->hand->between(2.2, 4.2)]]);
        }, $this->hand->spread($from, $to, $this->count(($to - $from) * 1.1)));
    }

    /** @return list<Form> strands up to a share of the depth; the more they are bent, the more they are dying */
    private function grass(float $from, float $to, float $height, float $perFt, float $bent): array
    {
        return array_map(function (float $at) use ($height, $bent): Form {
            $bottom = $this->bottom($at);
            $top = $bottom * (1 - $height * $this->hand->between(0.75, 1.05));
            $sway = $this->hand->between(-1.0, 1.0);

            return new Form(FormKind::Strand, [[$at, $bottom], [$at + $sway * 0.4, ($bottom + $top) / 2], [$at + $sway * (0.6 + 4 * $bent), $top]]);
        }, $this->hand->spread($from, $to, $this->count(($to - $from) * $perFt)));
    }

    /** @return list<Form> a canopy with holes, and what hangs from it */
    private function mat(float $from, float $to): array
    {
        $forms = [];
        $at = $from;
        while ($at < $to) {
            $until = min($to, $at + $this->hand->between(5.0, 9.0));
            $middle = ($at + $until) / 2;
            $forms[] = new Form(FormKind::Mat, [[$at, -0.1], [$middle, -0.35], [$until, -0.1], [$until - 0.4, 0.45], [$middle, 0.6], [$at + 0.5, 0.4]]);
            foreach ($this->hand->spread($at, $until, $this->count(($until - $at) * 0.8)) as $hang) {
                $bottom = $this->bottom($hang);
                $sway = $this->hand->between(-0.5, 0.5);
                $forms[] = new Form(FormKind::Strand, [[$hang, 0.4], [$hang + $sway, $bottom * 0.55], [$hang - $sway, $bottom]]);
            }
            // A hole in the mat.
            $at = $until + $this->hand->between(1.2, 2.2);
        }

        return $forms;
    }

    /** @return list<Form> a trunk from the bank into the water, with its branches */
    private function log(float $from, float $to, float $height): array
    {
        $deep = max(0.4, $this->bottom($from) * (1 - 0.35 * $height));
        $above = $to >= 0.9 * $this->lengthFt ? -1.0 : min(1.0, $this->bottom($to) * 0.6);
        $along = static fn (float $share): array => [$to + ($from - $to) * $share, $above + ($deep - $above) * $share];
        $forms = [new Form(FormKind::Trunk, array_map(
            fn (int $i): array => [$along($i / 8)[0], $along($i / 8)[1] + ($i % 2 === 0 ? 0.05 : -0.05)], range(0, 8),
        ))];
        for ($i = 1, $n = $this->count(9); $i <= $n; $i++) {
            [$x, $y] = $along(0.2 + 0.78 * $i / $n);
            $tip = $x - $this->hand->between(1.0, 3.0);
            $end = $i % 2 === 0 ? min($this->bottom($tip) - 0.1, $y + $this->hand->between(0.8, 2.2)) : max(-0.6, $y - $this->hand->between(0.7, 2.2));
            $forms[] = new Form(FormKind::Branch, [[$x, $y], [($x + $tip) / 2, $y + ($end - $y) * 0.7], [$tip, $end]]);
        }

        return $forms;
    }

    /** @return list<Form> stubs with washed-out roots */
    private function stumps(float $from, float $to, float $height): array
    {
        $forms = [];
        foreach ($this->hand->spread($from, $to, $this->count(4)) as $at) {
            $bottom = $this->bottom($at);
            $top = $bottom - min(2.5, max(0.5, $bottom * $height));
            $wide = $this->hand->between(0.6, 1.0);
            $forms[] = new Form(FormKind::Stump, [
                [$at - $wide, $bottom - 0.4], [$at - $wide * 0.8, $top], [$at, $top - 0.12], [$at + $wide * 0.8, $top + 0.1], [$at + $wide, $bottom - 0.4],
            ]);
            foreach ([-1, 1] as $side) {
                $root = static fn (float $out): float => $at + $side * ($wide + $out);
                $forms[] = new Form(FormKind::Branch, [
                    [$root(0.0), $bottom - 0.35], [$root(0.7), $this->bottom($root(0.7)) - 0.3], [$root(1.5), $this->bottom($root(1.5))],
                ]);
            }
        }

        return $forms;
    }

    /** @return list<Form> a fan of twigs from one foot */
    private function twigs(float $at, float $height, float $many): array
    {
        $bottom = $this->bottom($at);
        $count = $this->count($many);

        return array_map(function (int $i) use ($at, $bottom, $height, $count): Form {
            $lean = $count === 1 ? 0.0 : 2 * $i / ($count - 1) - 1;
            $tip = $bottom * (1 - $height * (1 - 0.35 * abs($lean)) * $this->hand->between(0.8, 1.1));

            return new Form(FormKind::Twig, [[$at + $lean * 0.3, $bottom], [$at + $lean * 1.3, ($bottom + $tip) / 2], [$at + $lean * 2.6, $tip]]);
        }, range(0, $count - 1));
    }

    /** @return list<Form> a bush that stands in the water and out of it */
    private function bush(float $at): array
    {
        $bottom = $this->bottom($at);
        $forms = [];
        foreach (range(0, $this->count(8) - 1) as $i) {
            $lean = $this->hand->between(-1.0, 1.0);
            $top = -$this->hand->between(0.8, 3.0);
            $forms[] = new Form(FormKind::Twig, [[$at + $lean * 0.2, $bottom], [$at + $lean, $bottom * 0.3], [$at + $lean * 2.2, $top]]);
            if ($i % 2 === 0) {
                $forms[] = new Form(FormKind::Leaf, [[$at + $lean * 2.2, $top], [$at + $lean * 2.2 + 0.5, $top - 0.5], [$at + $lean * 2.2 + 1.0, $top - 0.1]]);
            }
        }

        return $forms;
    }

    /** @return list<Form> dead trunks upright, broken off above the water */
    private function timber(float $from, float $to): array
    {
        $forms = [];
        foreach ($this->hand->spread($from, $to, $this->count(5)) as $at) {
            $bottom = $this->bottom($at);
            $top = -$this->hand->between(1.5, 4.5);
            $lean = $this->hand->between(-0.6, 0.6);
            $forms[] = new Form(FormKind::Trunk, [[$at, $bottom], [$at + $lean * 0.5, 0.0], [$at + $lean, $top]]);
            foreach ([0.35, 0.7] as $share) {
                $y = $bottom * (1 - $share);
                $side = $this->hand->between(-1.0, 1.0) < 0 ? -1 : 1;
                $forms[] = new Form(FormKind::Branch, [
                    [$at + $lean * $share * 0.5, $y], [$at + $side * 1.0, $y - 0.3], [$at + $side * 1.9, $y - $this->hand->between(0.3, 1.0)],
                ]);
            }
        }

        return $forms;
    }

    /** @return list<Form> a deck on floats or on posts, with ladder and cable */
    private function dock(float $from, float $to): array
    {
        $floating = $this->dock === null || $this->dock->kind === DockKind::Floating;
        $deck = $floating ? -0.7 : -1.6;
        $forms = [new Form(FormKind::Deck, [[$from, $deck - 0.5], [$this->lengthFt, $deck - 0.5], [$this->lengthFt, $deck], [$from, $deck]])];
        for ($at = $from + 1.0; $at < $to; $at += 7.0) {
            $bottom = $this->bottom($at);
            if ($floating) {
                $forms[] = new Form(FormKind::Deck, [[$at, $deck], [$at + 3.2, $deck], [$at + 3.2, min(0.7, $bottom)], [$at, min(0.7, $bottom)]]);
            } else {
                $forms[] = new Form(FormKind::Post, [[$at, $deck - 1.2], [$at, $bottom]]);
            }
        }
        $ladder = min(2.8, $this->bottom($from));
        $forms[] = new Form(FormKind::Cable, [[$from - 0.4, $deck - 1.0], [$from - 0.4, $ladder * 0.6], [$from - 0.4, $ladder]]);
        for ($rung = 0.5; $rung < $ladder; $rung += 0.7) {
            $forms[] = new Form(FormKind::Cable, [[$from - 0.4, $rung], [$from - 0.1, $rung], [$from + 0.1, $rung]]);
        }
        if ($floating) {
            $anchor = max(0.0, $from - 9.0);
            $forms[] = new Form(FormKind::Cable, [[$from, 0.3], [($from + $anchor) / 2, $this->bottom($anchor) * 0.6], [$anchor, $this->bottom($anchor)]]);
        }

        return $forms;
    }

    /** @return list<Form> stones by size, on the bottom */
    private function rocks(float $from, float $to, float $height): array
    {
        return array_map(function (float $at) use ($height): Form {
            $bottom = $this->bottom($at);
            $tall = max(0.3, $bottom * $height) * $this->hand->between(0.6, 1.3);
            $wide = $this->hand->between(0.8, 1.9);

            return new Form(FormKind::Stone, [
                [$at - $wide, $this->bottom($at - $wide)], [$at - $wide * 0.7, $bottom - $tall * 0.75], [$at + $wide * 0.1, $bottom - $tall],
                [$at + $wide * 0.8, min($bottom - $tall * 0.5, $this->bottom($at + $wide))], [$at + $wide, $this->bottom($at + $wide)],
            ]);
        }, $this->hand->spread($from, $to, $this->count(($to - $from) / 3.2)));
    }

    /** @return list<Form> a limb from the bank over the water, in leaf */
    private function overhang(float $from, float $to): array
    {
        $forms = [new Form(FormKind::Branch, [[$to + 1.0, 0.2], [$to - 1.0, -5.5], [$from, -5.0]])];
        foreach ($this->hand->spread($from - 1.0, $to, $this->count(16)) as $at) {
            $y = -$this->hand->between(3.4, 7.0);
            $forms[] = new Form(FormKind::Leaf, [[$at, $y], [$at + 0.6, $y - 0.7], [$at + 1.3, $y - 0.2]]);
            $forms[] = new Form(FormKind::Leaf, [[$at, $y], [$at + 0.5, $y + 0.7], [$at + 1.2, $y + 0.8]]);
        }

        return $forms;
    }
}
