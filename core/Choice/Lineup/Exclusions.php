<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Factors\DepthFactor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Day\Water\Clarity;
use OldEddy\Reading\Reading;

/** What takes a lure out of the lineup altogether. Basis: rules named at each; cut points our own. */
final class Exclusions
{
    /** Degrees beyond a family's span at which it is given up. */
    private const TEMP_SLACK_F = 2.0;

    /** Lures that lose in mud (L5). */
    private const BLIND_IN_MUD = ['glide_bait', 'jerkbait', 'walking_topwater'];

    private const HOPELESS_DEPTH = 0.12;

    /** The reason a lure is out today, or null when it stays. */
    public static function of(LureFamily $lure, Reading $reading): ?RuledOut
    {
        $day = $reading->day;
        if ($day->owned !== null && ! in_array($lure->key, $day->owned, true)) {
            return new RuledOut($lure->key, 'Not in your box.', 'FAMILIES');
        }
        if ($lure->trolled && $day->mode === Mode::Cast) {
            return new RuledOut($lure->key, 'It is trolled, and you are casting.', 'T3');
        }
        if ($day->mode === Mode::Troll && ! $lure->trolled && ! $lure->dives()) {
            return new RuledOut($lure->key, 'It is cast, and you are trolling.', 'T3');
        }
        if ($day->clarity === Clarity::Mud && in_array($lure->key, self::BLIND_IN_MUD, true)) {
            return new RuledOut($lure->key, Said::of('Useless where nothing sees it: {%.1f ft} of visibility.', $day->visibilityFt), 'L5');
        }
        $cover = CoverFit::defeatedBy($lure, $reading);
        if ($cover !== null) {
            $treble = $lure->exposure->value === 'treble';

            return new RuledOut($lure->key, ($treble ? 'Trebles will snag in ' : 'It does not belong in ').$cover->words().'.', $treble ? 'L4' : 'L2');
        }
        if ($day->tempF < $lure->tempF[0] - self::TEMP_SLACK_F || $day->tempF > $lure->tempF[3] + self::TEMP_SLACK_F) {
            return new RuledOut($lure->key, Said::of('{%.0f °F} is out of its span of {%.0f-%.0f °F}.', $day->tempF, $lure->tempF[0], $lure->tempF[3]), 'FAMILIES');
        }
        $depth = (new DepthFactor)->weigh($lure, $reading);
        if ($depth->effect < self::HOPELESS_DEPTH) {
            return new RuledOut($lure->key, $depth->text, 'D1');
        }
        if ($lure->dives() && $day->spot->deepFt !== null && min($lure->diveTiersFt) > $day->spot->deepFt + 2) {
            return new RuledOut($lure->key, Said::of('Even its shallowest model digs more than {2 ft} too deep for {%.0f ft} of water.', $day->spot->deepFt), 'D1');
        }

        return null;
    }
}
