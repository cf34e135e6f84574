<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\Fields;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Retrieve\Pace;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Log\Evidence\Goal;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\Presentation;
use OldEddy\Log\Next\TimeLeft;
use OldEddy\Plan\PlaceFits;

/**
 * Turns decoded choices into places and presentations: every color, weight, length, retrieve and depth of every rod. Two depths are
 * a span: the lure is shown at both ends and in the middle.
 */
final class ChoicesReader
{
    private const MOST_PLACES = 200;

    private const MOST_RODS = 40;

    private const MOST_EACH = 20;

    private const MOST_PRESENTATIONS = 3000;

    private const MOST_MINUTES = 2880.0;

    /** A lure that does not belong in a cover is still at hand there. */
    private const LEAST_FIT = 0.05;

    /** Speed over ground of a retrieve that is none of ours, feet a second. */
    private const UNKNOWN_PACE_FT_S = 2.0;

    /** What is at hand; nothing where nothing was said. Problems are noted in $in. */
    public static function read(Fields $in, ?Settled $day): AtHand
    {
        $said = $in->object('choices');
        if ($said === null) {
            return new AtHand;
        }
        $presentations = [];
        foreach ($said->objects('rods', self::MOST_RODS) as $rod) {
            array_push($presentations, ...self::presentations($rod));
        }
        if (count($presentations) > self::MOST_PRESENTATIONS) {
            $said->problem('rods', sprintf('may make at most %d presentations together; these make %d.', self::MOST_PRESENTATIONS, count($presentations)));
            $presentations = [];
        }
        $lures = array_values(array_unique(array_map(static fn (Presentation $p): string => $p->lure, $presentations)));
        $places = array_map(static fn (Fields $place): Fishable => self::place($place, $day, $lures), $said->objects('places', self::MOST_PLACES));
        $minute = $said->number('minute', 0, self::MOST_MINUTES, 'minutes') ?? 0.0;
        $until = $said->number('until_minute', 1, self::MOST_MINUTES, 'minutes');
        if ($until !== null && $until < $minute) {
            $said->problem('until_minute', 'must not be before minute.');
        }
        $goal = $said->oneOf('goal', Goal::class) ?? Goal::Numbers;
        $practice = $said->boolean('practice') ?? false;
        $said->refuseOthers();

        $time = $until === null ? new TimeLeft(min($minute, (new TimeLeft)->wholeMin)) : new TimeLeft($minute, $until);

        return new AtHand(new Choices($places, $presentations), $time, $goal, $practice);
    }

    /** @param  list<string>  $lures  that are to hand */
    private static function place(Fields $in, ?Settled $day, array $lures): Fishable
    {
        $name = $in->text('spot', 120);
        if ($name === null || $name === '') {
            $in->problem('spot', 'is required: the name of the place.');
        }
        $structure = $in->text('structure', 120);
        $cover = $in->text('cover', 120);
        $part = StintsReader::word($in, 'cover_part');
        $light = StintsReader::word($in, 'light');
        $water = StintsReader::number($in, 'stint', 'water_depth_ft');
        $travel = $in->number('travel_min', 0, self::MOST_MINUTES, 'minutes') ?? 0.0;
        $in->refuseOthers();
        $fits = $day === null || $lures === [] ? self::throughCover($cover, $lures)
            : PlaceFits::at($day, Structure::tryFrom((string) $structure), Cover::tryFrom((string) $cover), $water, $light, $lures);

        return new Fishable((string) $name, $structure, $cover, $part, $light, $water, $travel, $fits);
    }

    /**
     * Without a day the cover alone says what fits.
     *
     * @param  list<string>  $lures
     * @return array<string, float>
     */
    private static function throughCover(?string $cover, array $lures): array
    {
        $known = Cover::tryFrom((string) $cover);

        if ($known === null) {
            return [];
        }
        $fits = array_map(static fn (string $lure): float => max(self::LEAST_FIT, Catalog::get($lure)->through($known)), $lures);

        return array_combine($lures, $fits);
    }

    /** @return list<Presentation> */
    private static function presentations(Fields $in): array
    {
        $key = $in->text('key', 60);
        $lure = LureField::read($in);
        $colors = $in->each('colors', self::MOST_EACH, static fn (Fields $of, string $i): ?ColorFamily => $of->oneOf($i, ColorFamily::class));
        if ($colors === [] && ($in->take('colors') ?? []) === []) {
            $in->problem('colors', 'must name at least one color family.');
        }
        $weights = $in->each('weights_oz', self::MOST_EACH, self::numberOf('weight_oz'));
        $lengths = $in->each('lengths_in', self::MOST_EACH, self::numberOf('length_in'));
        $retrieves = $in->each('retrieves', self::MOST_EACH, static fn (Fields $of, string $i): ?string => $of->text($i, 40));
        $depths = self::span($in->each('depths_ft', self::MOST_EACH, self::numberOf('depth_ft')));
        $in->refuseOthers();
        if ($lure === null) {
            return [];
        }
        $family = Catalog::get($lure);
        $made = [];
        foreach ($retrieves === [] ? [$family->cadences[0]] : $retrieves as $retrieve) {
            foreach ($depths === [] ? [null] : $depths as $depth) {
                foreach ($lengths === [] ? [null] : $lengths as $length) {
                    foreach ($weights === [] ? [null] : $weights as $weight) {
                        foreach ($colors as $color) {
                            $made[] = self::presentation($family, $color, $retrieve, $depth, $weight, $length, $key);
                        }
                    }
                }
            }
        }

        return $made;
    }

    private static function presentation(
        LureFamily $family, ColorFamily $color, string $retrieve, ?float $depth, ?float $weight, ?float $length, ?string $rod,
    ): Presentation {
        return new Presentation(
            $family->key, $color->value, $retrieve, Pace::usualFtS($retrieve) ?? self::UNKNOWN_PACE_FT_S, $family->appeal->compact,
            depthFt: $depth, weightOz: $weight, lengthIn: $length, rod: $rod,
        );
    }

    /**
     * Two depths are from and to.
     *
     * @param  list<float>  $depths
     * @return list<float>
     */
    private static function span(array $depths): array
    {
        $depths = array_values(array_unique($depths));
        sort($depths);

        return count($depths) === 2 ? [$depths[0], round(($depths[0] + $depths[1]) / 2, 1), $depths[1]] : $depths;
    }

    /** @return callable(Fields, string): ?float a number as the field of a stint has it */
    private static function numberOf(string $path): callable
    {
        $field = FieldTable::one('stint', $path);

        return static fn (Fields $of, string $i): ?float => $of->number($i, $field->least, $field->most, $field->unit);
    }
}
