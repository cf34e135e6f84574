<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Tackle\Box;

/** The colors that the water asks for, against those that the box holds (rule K4). */
final readonly class HeldColors
{
    /** @var list<ColorChoice> asked for and held, in the order of the water */
    public array $both;

    /** @var list<ColorChoice> held, though nothing asks for them */
    public array $others;

    /** @var list<ColorChoice> asked for and not held */
    public array $lacking;

    /** @param  non-empty-list<ColorChoice>  $asked  first choice first */
    public function __construct(array $asked, Box $box)
    {
        $held = $box->colors();
        $isHeld = static fn (ColorChoice $c): bool => in_array($c->family->value, $held, true);
        // What he owns is called by his own name for it (C16).
        $this->both = array_values(array_map(
            static fn (ColorChoice $c): ColorChoice => $c->named($box->nameOf($c->family->value)), array_filter($asked, $isHeld),
        ));
        $this->lacking = array_values(array_filter($asked, static fn (ColorChoice $c): bool => ! $isHeld($c)));
        $keys = array_map(static fn (ColorChoice $c): string => $c->family->value, $this->both);
        $this->others = array_map(
            static fn (string $c): ColorChoice => new ColorChoice(ColorFamily::from($c), $box->nameOf($c) ?? str_replace('_', ' ', $c), 'Your box holds it.', 'K4'),
            array_values(array_diff($held, $keys)),
        );
    }
}
