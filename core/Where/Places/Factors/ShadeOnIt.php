<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Basics\Said;
use OldEddy\Reading\ShadeCounts;
use OldEddy\Reading\ShadeLine;
use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\Reason;
use OldEddy\Where\Shade\ShadeDay;

/** Shade of the right width where shade counts; sun where the water is cold (S20, S21). */
final class ShadeOnIt implements PlaceFactor
{
    public function weigh(Place $place, Hour $hour): ?Reason
    {
        $bank = $place->shade();
        $day = $hour->reading->day;
        $sun = $hour->sun;
        if ($bank === null || $sun === null || $sun->elevationDeg <= 0 || $day->sky->isCovered()) {
            return null;
        }
        $width = $bank->widthFt($sun);
        if (! ShadeCounts::matters($day)) {
            return $width > 0 && ! ShadeCounts::starting($day)
                ? new Reason(0.85, Said::of('In the shade at {%.0f °F}: the sunny side is better.', $day->tempF), 'S20')
                : null;
        }
        [$least, $most] = ShadeDay::BEST_FT;
        $line = ShadeLine::at($day->visibilityFt);

        return match (true) {
            $width >= $least && $width <= $most => new Reason(1.35, Said::of('Shade {%.0f ft} wide now: the best there is.', $width), 'S21'),
            $width > 0 && $width < $least => new Reason($line === ShadeLine::Murk ? 1.25 : 1.1, Said::of('A strip of shade, {%.0f ft}.', $width), 'S21'),
            $width > $most => new Reason(
                $line === ShadeLine::Clear && $width <= 15 ? 1.2 : 1.08,
                Said::of('Shade {%.0f ft} wide spreads them.', min(999, $width)),
                'S21',
            ),
            default => null,
        };
    }
}
