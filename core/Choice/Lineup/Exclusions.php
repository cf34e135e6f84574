<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Factors\DepthFactor;
use OldEddy\Choice\Lures\Exposure;
use OldEddy\Choice\Lures\Job;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Tackle\Box;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Day\Water\Clarity;
use OldEddy\Reading\Reading;

/** Which lures are out on a day, and why. Basis: rules named at each; cut points our own. */
final readonly class Exclusions
{
    /** Degrees beyond a family's span at which it is given up. */
    private const TEMP_SLACK_F = 4.0;

    private CoverFit $fit;

    private float $mostInches;

    /** @var array<string, int>|null the box, by key */
    private ?array $owned;

    /** Those of a reading, with the depth factor of its weighing. */
    public function __construct(private Reading $reading, private DepthFactor $depth)
    {
        $this->fit = CoverFit::in($reading);
        $this->mostInches = $reading->day->species->mostInches();
        $this->owned = $reading->day->owned === null ? null : array_flip($reading->day->owned);
    }

    /** What bars a lure today, or null when it stays. */
    public function bar(LureFamily $lure): ?Bar
    {
        $day = $this->reading->day;

        return match (true) {
            ! $this->isOwned($lure) => Bar::NotInBox,
            $lure->trolled && $day->mode === Mode::Cast => Bar::Trolled,
            $day->mode === Mode::Troll && ! $lure->trolled && ! $lure->dives() => Bar::Cast,
            $day->clarity === Clarity::Mud && $lure->does(Job::LostInMud) => Bar::Unseen,
            $this->fit->defeating($lure) !== null => Bar::Cover,
            $day->tempF < $lure->year->fromF - self::TEMP_SLACK_F || $day->tempF > $lure->year->toF + self::TEMP_SLACK_F => Bar::Temperature,
            $lure->rigging->lengthsIn[0] > $this->mostInches => Bar::TooBig,
            $lure->rigging->lengthsFor($day->species) === [] => Bar::TooSmall,
            is_finite($this->mostInches) && ! $lure->habitat->isUsualFor($day->species) => Bar::Species,
            $this->depth->isHopeless($lure) => Bar::Depth,
            $day->spot->deepFt !== null && $lure->dives() && $this->shallowestFt($lure) > $day->spot->deepFt + 2 => Bar::DigsTooDeep,
            default => null,
        };
    }

    /** Whether the angler has it with him, as far as he said. */
    public function isOwned(LureFamily $lure): bool
    {
        return $this->owned === null || isset($this->owned[$lure->key]);
    }

    /** The shallowest model there is to hand, rated feet. */
    private function shallowestFt(LureFamily $lure): float
    {
        return min(Box::of($lure->key, $this->reading->day)->ratedFt($lure->hydraulics->diveTiersFt));
    }

    /** A bar in words. */
    public function words(LureFamily $lure, Bar $bar): RuledOut
    {
        $day = $this->reading->day;

        return match ($bar) {
            Bar::NotInBox => new RuledOut($lure->key, 'Not in your box.', 'K4'),
            Bar::Trolled => new RuledOut($lure->key, 'It is trolled, and you are casting.', 'T3'),
            Bar::Cast => new RuledOut($lure->key, 'It is cast, and you are trolling.', 'T3'),
            Bar::Unseen => new RuledOut($lure->key, Said::of('Useless where nothing sees it: {%.1f ft} of visibility.', $day->visibilityFt), 'L5'),
            Bar::Cover => $this->defeated($lure),
            Bar::Temperature => new RuledOut(
                $lure->key, Said::of('{%.0f °F} is out of its span of {%.0f-%.0f °F}.', $day->tempF, $lure->year->fromF, $lure->year->toF), 'FAMILIES',
            ),
            Bar::TooBig => new RuledOut($lure->key, Said::of('{%.1f in} and more is too big for %s.', $lure->rigging->lengthsIn[0], $day->species->words()), 'L23'),
            Bar::TooSmall => new RuledOut($lure->key, "It is not made big enough for {$day->species->words()}.", 'L40'),
            Bar::Species => new RuledOut($lure->key, "It is not made for the mouth of a {$day->species->words()}.", 'L37'),
            Bar::Depth => new RuledOut($lure->key, $this->depth->effect($lure)->text, 'D1'),
            Bar::OutOfReach => new RuledOut($lure->key, 'On its way it passes no fish as they stand here.', 'D14'),
            Bar::DigsTooDeep => new RuledOut(
                $lure->key, Said::of('Even its shallowest model digs more than {2 ft} too deep for {%.0f ft} of water.', $day->spot->deepFt ?? 0.0), 'D1',
            ),
        };
    }

    private function defeated(LureFamily $lure): RuledOut
    {
        $cover = $this->fit->defeating($lure)?->words();

        return $lure->rigging->exposure === Exposure::Treble
            ? new RuledOut($lure->key, "Trebles will snag in {$cover}.", 'L4')
            : new RuledOut($lure->key, "It does not belong in {$cover}.", 'L2');
    }
}
