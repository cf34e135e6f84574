<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Units\Speed;
use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lineup\Entry;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Water\Clarity;
use OldEddy\Plan\Plan;

/** Plans a spread out of a day's lineup: from clarity, forage, chop, quarry and what is in the box. Basis: rules T1 to T3; the rest own choice. */
final class SpreadPlanner
{
    /** Line let out by station, feet, in clear and in murky water (T2); between them half way. */
    private const LET_OUT_FT = [
        Station::Outside->value => [150.0, 130.0], Station::Middle->value => [140.0, 120.0], Station::Inside->value => [130.0, 110.0],
        Station::Flat->value => [120.0, 100.0],
    ];

    /** The two depths of a two-line start, feet (T1). */
    private const TEST_FT = [12.0, 7.0];

    /** A line is let out at least and at most so far, feet. */
    public const OUT_FT = [20.0, 300.0];

    /** The stations of a boat's lines, side by side, as many as there are. */
    private const STATIONS = [Station::Outside, Station::Middle, Station::Inside, Station::Flat];

    /** What the day asks for, with as many lines as the boat starts with. */
    public static function plan(Plan $plan, BoatKind $boat, ?float $speedMph = null, ?int $count = null): Spread
    {
        $entries = self::trolled($plan);
        $lead = self::lead($entries, $speedMph);
        if ($lead === null) {
            return Spread::of($boat, [], $speedMph ?? 1.5);
        }
        // The best lure says the speed; the second is the best of those that can run it.
        $speed = $speedMph ?? SpeedRange::of($lead->lure)->startMph();
        $others = array_values(array_filter($entries, static fn (Entry $e): bool => $e !== $lead && SpeedRange::of($e->lure)->holds($speed)));
        $second = $others[0] ?? null;
        $day = $plan->reading->day;
        $lines = $boat === BoatKind::Kayak ? self::test($lead, $day, $boat, $speed)
            : self::boards($lead, $second ?? $lead, $day, max(2, min($boat->mostLines(), $count ?? $boat->lines())));

        return Spread::of($boat, $lines, $speed, self::towable($plan));
    }

    /** @return list<LureFamily> the lures of the day that can be towed, best first */
    public static function towable(Plan $plan): array
    {
        return array_map(static fn (Entry $e): LureFamily => $e->lure, self::trolled($plan));
    }

    /** @return list<Entry> the same as they stand in the lineup */
    private static function trolled(Plan $plan): array
    {
        return array_values(array_filter($plan->lineup, static fn (Entry $e): bool => $e->lure->trolled || $e->lure->dives()));
    }

    /** @param  list<Entry>  $entries */
    private static function lead(array $entries, ?float $speedMph): ?Entry
    {
        foreach ($entries as $entry) {
            if ($speedMph === null || SpeedRange::of($entry->lure)->holds($speedMph)) {
                return $entry;
            }
        }

        return $entries[0] ?? null;
    }

    /** @return list<SpreadLine> the same lure in two colors at two depths: a test, not two hopes (T1) */
    private static function test(Entry $entry, Settled $day, BoatKind $boat, float $speedMph): array
    {
        $lines = [];
        foreach ([Side::Port, Side::Starboard] as $i => $side) {
            $line = self::line($side, Station::Flat, Carrier::Flat, $entry, $i, $day);
            $lines[] = $line->letOut(self::outFor(RunningLine::of($line, Speed::fromMph($speedMph), $boat->tipFt()), self::TEST_FT[$i], $speedMph));
        }

        return $lines;
    }

    /** @return list<SpreadLine> */
    private static function boards(Entry $lead, Entry $second, Settled $day, int $count): array
    {
        $lines = [];
        for ($i = 0; $i < $count; $i++) {
            $pair = intdiv($i, 2);
            $station = self::STATIONS[$pair + ($count <= 4 ? 1 : 0)] ?? Station::Flat;
            $side = $i % 2 === 0 ? Side::Port : Side::Starboard;
            // Each color runs on both sides, each at another distance: what fires is the color or the place, not always both.
            $color = ($pair + $i) % 2;
            $carrier = $station === Station::Flat ? Carrier::Flat : Carrier::Board;
            $lines[] = self::line($side, $station, $carrier, $pair % 2 === 0 ? $lead : $second, $color, $day);
        }

        return $lines;
    }

    private static function line(Side $side, Station $station, Carrier $carrier, Entry $entry, int $color, Settled $day): SpreadLine
    {
        $colors = array_values(array_unique(array_map(static fn (ColorChoice $c): string => $c->family->value, $entry->colors())));
        $spec = $entry->setup()->spec;

        return new SpreadLine(
            "{$side->value}_{$station->value}", $side, $station, $carrier, $entry->lure, ColorFamily::from($colors[$color % count($colors)]),
            self::letOutFt($station, $day), $spec->lengthIn, $spec->weightOz,
        );
    }

    /** Line let out at a station: less in dirty water (T2). */
    public static function letOutFt(Station $station, Settled $day): float
    {
        [$clear, $murky] = self::LET_OUT_FT[$station->value];

        return match (true) {
            $day->clarity->isClear() => $clear,
            in_array($day->clarity, [Clarity::Mud, Clarity::Stained], true) => $murky,
            default => ($clear + $murky) / 2,
        };
    }

    /** So much line that a lure runs at a depth, feet; as much or as little as can be let out where it does not get there. */
    public static function outFor(RunningLine $running, float $depthFt, float $speedMph): float
    {
        [$low, $high] = self::OUT_FT;
        $speed = Speed::fromMph($speedMph);
        $depth = static fn (float $out): float => $running->again($speed, $out)->depthFt;
        if ($depth($high) <= $depthFt || $depth($low) >= $depthFt) {
            return $depth($high) <= $depthFt ? $high : $low;
        }
        for ($i = 0; $i < 7; $i++) {
            $middle = ($low + $high) / 2;
            $depth($middle) < $depthFt ? $low = $middle : $high = $middle;
        }

        return round($high / 5) * 5;
    }
}
