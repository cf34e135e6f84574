<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Chance\IncompleteBeta;

/**
 * Whether something that gave fish has stopped giving them: what came after its best moment is held against what the rate until then
 * lets expect, with the doubt about that rate (negative binomial). Basis: standard statistics; the limits are our own choice, set by
 * simulated days.
 */
final class Fading
{
    /** So unlikely must so little be; less by so much where a stray fish came after the moment. */
    private const UNDER = 0.03;

    private const STRAY = 3;

    /** Each contact opens a gap, and one of many gaps is long: of all of them together this much is chance. */
    private const TOGETHER = 0.5;

    /**
     * Whether so few contacts in so many more casts (0 or more each) are too few for it to have gone on.
     *
     * @param  Rate  $rate  until then
     * @param  int  $contacts  that it had given, 1 or more
     */
    public static function hasStopped(Rate $rate, int $contacts, float $more, float $casts): bool
    {
        $expected = $rate->mean() * $casts;
        // Too few were to come, or as many came as were: it need not be reckoned.
        if ($expected <= -log(self::UNDER) / 2 || $more >= $expected) {
            return false;
        }
        $chance = IncompleteBeta::regularized($rate->casts / ($rate->casts + $casts), $rate->shape, max(0.0, $more) + 1);

        return $chance < self::limit($contacts) / ($more > 0 ? self::STRAY : 1);
    }

    /** Blank casts (0 or more) until a rate made by so many contacts (1 or more) counts as stopped. */
    public static function after(Rate $rate, int $contacts): int
    {
        return (int) ceil($rate->casts * (self::limit($contacts) ** (-1 / $rate->shape) - 1));
    }

    private static function limit(int $contacts): float
    {
        return min(self::UNDER, self::TOGETHER / $contacts);
    }
}
