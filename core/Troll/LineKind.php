<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Said;
use OldEddy\Basics\Words;

/** What a towed lure is tied to. Basis of diameters and densities: values from memory; braid floats a little, but its leader sinks. */
enum LineKind: string
{
    use Words;

    case Braid10 = 'braid_10';
    case Braid20 = 'braid_20';
    case Braid30 = 'braid_30';
    case Mono10 = 'mono_10';
    case Mono14 = 'mono_14';
    case Mono20 = 'mono_20';
    case Fluoro15 = 'fluoro_15';

    /** What is usually tied on. */
    public const USUAL = self::Braid30;

    /** It as the water feels it. */
    public function line(): TrollLine
    {
        return match ($this) {
            self::Braid10 => new TrollLine(0.18, 1000),
            self::Braid20 => new TrollLine(0.24, 1000),
            self::Braid30 => TrollLine::usual(),
            self::Mono10 => new TrollLine(0.28, 1140),
            self::Mono14 => new TrollLine(0.33, 1140),
            self::Mono20 => new TrollLine(0.41, 1140),
            self::Fluoro15 => new TrollLine(0.36, 1780),
        };
    }

    /** What it is called: 20 lb braid. */
    public function said(): Said
    {
        [$what, $pounds] = explode('_', $this->value);

        return Said::of('{%.0f lb} %s', (float) $pounds, ['braid' => 'braid', 'mono' => 'nylon', 'fluoro' => 'fluorocarbon'][$what]);
    }
}
