<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;
use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Tackle\Box;
use OldEddy\Reading\Reading;

/** Something that the water asks for and the box does not hold: a family, a color, a weight, a rated depth (rules K3, K4). */
final readonly class Lack
{
    /** A weight this many times lighter or heavier does another job; a model this many feet off runs elsewhere. Basis: own choice. */
    private const WEIGHT_TIMES = 1.4;

    private const RATED_FT = 2.5;

    /** @param  string  $what  family, color, weight or depth */
    private function __construct(public string $lure, public string $what, public string $key, public Said $text)
    {
    }

    /** A whole family that the box does not hold. */
    public static function family(LureFamily $lure): self
    {
        return new self($lure->key, 'family', $lure->key, Said::of('The water asks for the %s; your box holds none.', $lure->name()));
    }

    /**
     * What a lure as it is made ready lacks.
     *
     * @return list<self>
     */
    public static function of(LureFamily $lure, Reading $reading, ColorChoice $color, Setup $setup): array
    {
        $box = Box::of($lure->key, $reading->day);
        $lacks = [];
        if ($box->hasColor($color->family->value) === false) {
            $lacks[] = new self($lure->key, 'color', $color->family->value, Said::of(
                'The water asks for %s in the %s; your box holds none.', str_replace('_', ' ', $color->family->value), $lure->name(),
            ));
        }
        if (($reading->day->box[$lure->key] ?? []) === []) {
            return $lacks;
        }
        // Against the same day with everything to be had.
        $free = Setup::of($lure, new Reading($reading->day->with(['box' => []]), $reading->stage, $reading->mood, $reading->stand, $reading->leave));
        $weight = $free->spec->weightOz;
        $held = $setup->spec->weightOz;
        if ($weight > 0 && max($weight, $held) > self::WEIGHT_TIMES * min($weight, $held)) {
            $lacks[] = new self($lure->key, 'weight', (string) $weight, Said::of(
                'The %s would weigh {%s oz}; nearest in your box is {%s oz}.', $lure->name(), round($weight, 4), round($held, 4),
            ));
        }
        if ($free->ratedFt !== null && $setup->ratedFt !== null && abs($free->ratedFt - $setup->ratedFt) > self::RATED_FT) {
            $lacks[] = new self($lure->key, 'depth', (string) $free->ratedFt, Said::of(
                'The %s would be rated for {%.0f ft}; nearest in your box is {%.0f ft}.', $lure->name(), $free->ratedFt, $setup->ratedFt,
            ));
        }

        return $lacks;
    }
}
