<?php

declare(strict_types=1);

namespace OldEddy\Choice\Color;

use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Clarity;
use OldEddy\Day\Water\ClarityShift;
use OldEddy\Reading\Reading;

/** Chooses the colors of a lure, first choice first, up to three. Basis: the rules named at each choice. */
final class ColorChooser
{
    private const MOST = 3;

    private Settled $day;

    /** @var array<string, ColorChoice> */
    private array $choices = [];

    private function __construct(private readonly LureFamily $lure, private readonly Reading $reading)
    {
        $this->day = $reading->day;
    }

    /** @return non-empty-list<ColorChoice> */
    public static function choose(LureFamily $lure, Reading $reading): array
    {
        $chooser = new self($lure, $reading);
        $chooser->asSeen();
        $chooser->atNight();
        $chooser->matchForage();
        $chooser->byGroup();

        return array_slice(array_values($chooser->choices), 0, self::MOST);
    }

    /** C1: bright or dark is asked for where the water is muddy, or has dropped sharply and is not clear. */
    private function isMurky(): bool
    {
        return $this->day->clarity === Clarity::Mud
            || ($this->day->clarityShift === ClarityShift::SharplyDown && ! $this->day->clarity->isClear());
    }

    /** C1: stained water, or fair water that is dirtier than usual. */
    private function isStained(): bool
    {
        return $this->day->clarity === Clarity::Stained
            || ($this->day->clarity === Clarity::Fair && $this->day->clarityShift === ClarityShift::Down);
    }

    private function sunny(): bool
    {
        return $this->day->sky === Sky::Clear && ! $this->day->lowLight;
    }

    private function dark(): bool
    {
        return $this->day->sky->isCovered() || $this->day->lowLight;
    }

    /** C16: the color of the prey that was seen overrides the table, in what copies it. */
    private function asSeen(): void
    {
        static $rows = null;
        $rows ??= require __DIR__.'/prey.php';
        foreach ($this->day->seenPrey as $prey) {
            if ($prey->color !== null && in_array($prey->forage->value, $this->lure->forage, true)) {
                $row = $rows[$prey->forage->value] ?? $rows['any'];
                $this->add(
                    $row[$prey->color->value] ?? $row['any'], "{$prey->color->value} {$prey->forage->words()}",
                    "You saw {$prey->color->value} {$prey->forage->words()}.", 'C16',
                );
            }
        }
    }

    /** W26: at night dark, for its outline against the sky; metal keeps its own colors. */
    private function atNight(): void
    {
        if (! $this->day->isNight() || $this->lure->colorGroup === 'metal') {
            return;
        }
        $overhead = $this->lure->isSurface() || $this->lure->isMoving();
        $overhead ? $this->add(ColorFamily::Black, 'black', 'At night a black outline against the sky.', 'W26')
            : $this->add(ColorFamily::DarkContrast, 'black and blue', 'At night a dark outline on the bottom.', 'W26');
    }

    /** C5: what they eat overrides the table, where it can still be seen. */
    private function matchForage(): void
    {
        if ($this->isMurky() && $this->lure->isMoving()) {
            return;
        }
        $group = $this->lure->colorGroup;
        if ($this->day->eats(Forage::Crawfish) && in_array($group, ['jig', 'crankbait', 'tube', 'bladed'], true)) {
            if ($group === 'crankbait' || $group === 'bladed') {
                // In clear water the crawfish's own colors; red is for stain (C13).
                ! $this->day->clarity->isClear()
                    ? $this->add(ColorFamily::CrawRed, 'red craw', 'They eat crawfish; red and craw shades are hard to beat early.', 'C5')
                    : $this->add(ColorFamily::NaturalCraw, 'green-brown craw with orange', 'They eat crawfish, and clear water shows their own colors.', 'C13');
            } else {
                $this->add(ColorFamily::NaturalCraw, 'green pumpkin with orange', 'They eat crawfish.', 'C5');
            }
        }
        if ($this->day->eats(Forage::Bluegill) && in_array($group, ['swim_jig', 'frog', 'surface', 'jig', 'bladed'], true) && ! $this->isMurky()) {
            $group === 'frog' ? $this->add(ColorFamily::Brown, 'natural brown', 'They eat bluegill; the natural frog passes for one.', 'C4')
                : $this->add(ColorFamily::Bluegill, 'bluegill', 'They eat bluegill.', 'C6');
        }
        if ($this->day->eats(Forage::Perch) && in_array($group, ['baitfish', 'crankbait', 'jerkbait', 'toothy', 'walleye'], true) && ! $this->isMurky()) {
            $this->add(ColorFamily::Perch, 'perch', 'They eat perch.', 'C8');
        }
        if ($this->day->eats(Forage::Shad, Forage::Minnow) && $group === 'frog') {
            $this->add(ColorFamily::White, 'white', 'They eat baitfish: a white frog.', 'C4');
        }
        if ($this->day->eats(Forage::Shad) && $group === 'swim_jig') {
            $this->add(ColorFamily::NaturalBaitfish, 'shad', 'They eat shad.', 'C6');
        }
    }

    private function byGroup(): void
    {
        $plug = in_array($this->lure->colorGroup, ['crankbait', 'jerkbait', 'baitfish'], true) && $this->lure->dives();
        match (true) {
            $this->lure->trolled => $this->towed(),
            // What pike and muskie are shown has patterns of its own (C8).
            $plug && $this->day->species->group() === 'toothy' => $this->toothy(),
            default => $this->byOwnGroup(),
        };
    }

    private function byOwnGroup(): void
    {
        match ($this->lure->colorGroup) {
            'frog' => $this->frog(),
            'jig', 'tube', 'worm' => $this->bottom(),
            'swim_jig' => $this->swimJig(),
            'metal' => $this->metal(),
            'toothy' => $this->toothy(),
            'bladed', 'bladed_baitfish' => $this->bladed(),
            'crankbait' => $this->crankbait(),
            'walleye', 'small' => $this->small(),
            default => $this->baitfish(),
        };
    }

    /** C4. */
    private function frog(): void
    {
        match (true) {
            $this->sunny() => $this->add(ColorFamily::White, 'white', 'Bright sun: a white frog.', 'C4'),
            $this->dark() => $this->add(ColorFamily::Black, 'black', 'Dark or cloudy: a black frog.', 'C4'),
            default => $this->add(ColorFamily::Brown, 'natural brown', 'Ordinary light: the natural frog.', 'C4'),
        };
        $this->add(ColorFamily::Brown, 'natural brown', 'The frog for every other light.', 'C4');
        $this->add(ColorFamily::Black, 'black', 'For the dark hours.', 'C4');
    }

    /** C6, and school mud_color for bottom lures. */
    private function bottom(): void
    {
        if ($this->isMurky()) {
            $this->mud('dark_contrast');
        }
        if ($this->lure->colorGroup === 'tube' && $this->reading->isAt(Stage::EarlyFall, Stage::Fall, Stage::LateFall)) {
            $this->add(ColorFamily::White, 'white', 'In fall a white tube is a dying baitfish.', 'C14');
        }
        if ($this->lure->colorGroup === 'tube' && $this->reading->isAt(Stage::Spawn)) {
            $this->add(ColorFamily::White, 'white', 'White lets you see the bite on a dark bed.', 'C6');
        }
        if ($this->isStained() && ! $this->isMurky()) {
            $this->dark() || $this->day->visibilityFt < 2
                ? $this->add(ColorFamily::DarkContrast, 'black and blue', 'Stained and dark: a hard outline.', 'C6')
                : $this->add(ColorFamily::NaturalCraw, 'green pumpkin', 'Green pumpkin for most water.', 'C6');
        }
        $this->add(ColorFamily::NaturalCraw, 'green pumpkin', 'Green pumpkin and browns for most water.', 'C6');
        if ($this->day->clarity->isClear()) {
            $this->add(ColorFamily::NaturalBaitfish, 'smoke, translucent', 'Clear water: natural and translucent.', 'C1');
        }
        $this->add(ColorFamily::Brown, 'brown', 'The other ordinary shade.', 'C6');
    }

    /** C6. */
    private function swimJig(): void
    {
        if ($this->isMurky()) {
            $this->mud('bright');
        }
        if ($this->day->clarity->isClear()) {
            $this->add(ColorFamily::Bluegill, 'bluegill', 'Clear water: bluegill on a swim jig.', 'C6');
        }
        $this->add(ColorFamily::NaturalBaitfish, 'white shad', 'Off-color water: shad on a swim jig.', 'C6');
        $this->add(ColorFamily::Bluegill, 'bluegill', 'The other standard of swim jigs.', 'C6');
    }

    /** C3, C8. */
    private function metal(): void
    {
        $this->sunny() || $this->day->clarity->isClear()
            ? $this->add(ColorFamily::Silver, 'silver', 'Sun or clear water: silver.', 'C3')
            : $this->add(ColorFamily::Gold, 'gold', 'Stain or cloud: gold.', 'C3');
        $this->add(ColorFamily::White, 'white', 'White or silver spoons in summer.', 'C6');
        $this->add(ColorFamily::Gold, 'gold', 'When clouds come.', 'C3');
    }

    /** T4, C14: what is towed. Spoons are metal in whatever light; plugs are painted, and the frog is their classic. */
    private function towed(): void
    {
        if ($this->isMurky() || $this->isStained()) {
            $this->add(ColorFamily::ChartreuseShad, 'chartreuse and green', 'In murk chartreuse and green belong in the choice.', 'T4');
        }
        if ($this->dark()) {
            $this->add(ColorFamily::BlackChartreuseSpots, 'black with chartreuse spots', 'Rain and low light: black with chartreuse spots.', 'T4');
        }
        if ($this->sunny()) {
            $this->add(ColorFamily::Silver, 'metallic silver', 'Metallics in sun.', 'T4');
        }
        if ($this->day->clarity->isClear()) {
            $this->add(ColorFamily::Orange, 'orange', 'Orange for big fish in clear water.', 'T4');
        }
        $this->lure->colorGroup === 'metal' ? $this->metal() : $this->add(ColorFamily::Frog, 'frog', 'The classic on plugs.', 'T4');
        $this->add(ColorFamily::Perch, 'perch', 'Perch pattern where they see well.', 'C8');
    }

    /** C8. */
    private function toothy(): void
    {
        if ($this->isMurky() || $this->isStained()) {
            $this->add(ColorFamily::BrightBanded, 'yellow with dark bars, orange throat', 'Colored water: bright bands.', 'C8');
        }
        if ($this->dark()) {
            $this->add(ColorFamily::BlackChartreuseSpots, 'black with chartreuse spots', 'Rain and low light.', 'C8');
        }
        if ($this->sunny()) {
            $this->add(ColorFamily::Silver, 'metallic silver', 'Metallics in sun.', 'C8');
        }
        $this->add(ColorFamily::Perch, 'perch', 'Perch pattern in clear water.', 'C8');
        $this->add(ColorFamily::Frog, 'frog', 'The classic on plugs.', 'C8');
    }

    /** C1, C3, C7. */
    private function bladed(): void
    {
        if ($this->isMurky()) {
            $this->mud('bright');
        } elseif ($this->isStained()) {
            $this->add(ColorFamily::Bright, 'white and chartreuse', 'Stain: fuller, brighter, with chartreuse.', 'C1');
        }
        $this->add(
            ColorFamily::NaturalBaitfish,
            $this->day->clarity->isClear() ? 'translucent shad' : 'white shad',
            $this->day->clarity->isClear() ? 'Clear water: natural and translucent.' : 'Ordinary water: shad.',
            'C1',
        );
        if ($this->dark()) {
            $this->add(ColorFamily::Black, 'black', 'Cloud and dark: black.', 'C3');
        }
        $this->add(ColorFamily::White, 'white', 'Sun and baitfish: white.', 'C3');
    }

    /** C1, C5, C6. */
    private function crankbait(): void
    {
        if ($this->isMurky()) {
            $this->mud('bright');
        }
        if ($this->reading->isOfBass(Stage::EarlyPrespawn, Stage::Prespawn) && ! $this->day->clarity->isClear() && ! $this->day->eatsNoCrawfish()) {
            $this->add(ColorFamily::CrawRed, 'red craw', 'Early spring: red and craw shades are hard to beat, also in stain.', 'C5');
        }
        if ($this->isStained()) {
            $this->add(ColorFamily::ChartreuseShad, 'chartreuse shad', 'Stain: fuller and brighter.', 'C1');
        }
        $this->add(ColorFamily::NaturalBaitfish, $this->day->clarity->isClear() ? 'ghost shad' : 'shad', 'Shad for ordinary and clear water.', 'C6');
        $this->day->eatsNoCrawfish() ? $this->add(ColorFamily::Brown, 'brown', 'For rock.', 'C6')
            : $this->add(ColorFamily::NaturalCraw, 'brown craw', 'For rock and crawfish.', 'C6');
    }

    /** C1, C11. */
    private function small(): void
    {
        if ($this->isMurky() || $this->isStained()) {
            $this->add(ColorFamily::Bright, 'chartreuse and white', 'Colored water: bright.', 'C1');
        }
        $this->add(ColorFamily::NaturalBaitfish, 'smoke with silver flake', 'Clear to fair water: minnow shades on a matching head.', 'C11');
        $this->add(ColorFamily::White, 'white', 'The plain second choice.', 'C3');
    }

    /** C1, C3. */
    private function baitfish(): void
    {
        if ($this->isMurky()) {
            $this->mud('bright');
        } elseif ($this->isStained()) {
            $this->add(ColorFamily::ChartreuseShad, 'chartreuse shad', 'Stain: fuller, brighter shad.', 'C1');
        }
        if ($this->day->clarity->isClear()) {
            $this->add(ColorFamily::NaturalBaitfish, 'translucent minnow', 'Clear water: natural and translucent.', 'C1');
        }
        if ($this->dark() && $this->lure->isSurface()) {
            $this->add(ColorFamily::Black, 'black', 'Cloud and dark: a black outline against the sky.', 'C3');
        }
        if ($this->sunny()) {
            $this->add(ColorFamily::Silver, 'chrome', 'Sun: silver, chrome, translucent.', 'C3');
        }
        $this->add(ColorFamily::NaturalBaitfish, 'shad', 'Ordinary water: shad.', 'C1');
        $this->add(ColorFamily::White, 'white', 'Sun and baitfish: white.', 'C3');
    }

    /** School mud_color: bright or dark, nothing between (C1). */
    private function mud(string $default): void
    {
        $school = $this->day->schools->chosen('mud_color') ?? $default;
        $said = "mud_color: {$school}";
        $bright = new ColorChoice(
            ColorFamily::Bright,
            $this->day->spot->has(Cover::GrassMatted) ? 'white' : 'white and chartreuse',
            'Mud or a sharp drop: bright, nothing between.',
            'C1',
            $said,
        );
        $dark = new ColorChoice(ColorFamily::DarkContrast, 'black and blue', 'Mud or a sharp drop: dark contrast, nothing between.', 'C1', $said);
        foreach ($school === 'bright' ? [$bright, $dark] : [$dark, $bright] as $choice) {
            $this->choices[$choice->family->value] ??= $choice;
        }
    }

    private function add(ColorFamily $family, string $name, string $why, string $ruleId): void
    {
        $this->choices[$family->value] ??= new ColorChoice($family, $name, $why, $ruleId);
    }
}
