<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use App\Show\Units;
use App\Show\Word;
use App\Waters\CastHere;
use App\Waters\SpotToday;
use Illuminate\Support\Collection;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Sun\SunPosition;
use OldEddy\Troll\Pass;
use OldEddy\Troll\PassTurn;
use OldEddy\Where\Drift\DriftPlan;
use OldEddy\Where\Drift\Lane;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Places\RankedPlace;
use OldEddy\Where\Places\Reason;
use OldEddy\Where\Route\PlannedRoute;
use OldEddy\Where\Shade\ShoreShade;

/** What lies on the water plan of a day: numbered spots, shade, wind and sun. It draws; every number in it is the core's. */
final readonly class WhereDrawing
{
    /** So many spots are drawn as the best of the hour. */
    private const BEST = 5;

    /** The golden ratio's part: the farthest apart that a row of places can keep. */
    private const APART = 0.618;

    /** So many reasons of a place are shown at once. */
    private const WEIGHTY = 2;

    public function __construct(private PlanDrawing $plan, private Settled $day, private ?SunPosition $sun, private Units $units)
    {
    }

    /**
     * @param  Collection<int, LakeSpot>  $spots  those to be drawn
     * @param  list<RankedPlace>  $ranked  all of them, best first
     * @return list<array{name: string, lat: float, lon: float, sign: string, rank: int, class: string, href: string}>
     */
    public static function marks(Collection $spots, array $ranked, ?SpotToday $chosen, Trip $trip, int $minute): array
    {
        $order = array_flip(array_map(static fn (RankedPlace $r): string => $r->place->name, $ranked));
        $alike = array_map(static fn (array $one): string => $one['place']->name, $chosen?->lookalikes() ?? []);

        return array_values($spots->map(static fn (LakeSpot $s): array => self::mark(
            $s, $order, $alike, route('where', ['trip' => $trip, 'minute' => $minute, 'spot' => $s->id]),
        ))->all());
    }

    /** @return array<string, string> what was said of the water of sections: temperature, visibility, stage; by name */
    public static function waters(Trip $trip, Units $units): array
    {
        return array_filter(array_map(static fn (array $s): string => implode(', ', array_filter([
            isset($s['temp_f']) ? $units->temp((float) $s['temp_f']) : null, isset($s['visibility_ft']) ? 'seen '.$units->depth((float) $s['visibility_ft']) : null,
            isset($s['stage']) ? Word::of($s['stage']) : null,
        ])), array_column($trip->conditions['sections'] ?? [], null, 'name')));
    }

    /**
     * The reasons that weigh most, and the rest in their order.
     *
     * @param  list<Reason>  $reasons
     * @return array{list<Reason>, list<Reason>}
     */
    public static function weighty(array $reasons): array
    {
        $weights = array_map(static fn (Reason $r): float => abs(log(max(0.01, $r->effect))), $reasons);
        arsort($weights);
        $first = array_slice(array_keys($weights), 0, self::WEIGHTY);

        return [
            array_map(static fn (int $i): Reason => $reasons[$i], $first),
            array_values(array_diff_key($reasons, array_flip($first))),
        ];
    }

    /** Today's level against the map's, in words. */
    public static function level(Settled $day, Units $units): string
    {
        return $day->levelFt === null ? 'level as on the map, since nobody said' : sprintf('level %+.1f %s', $units->show('depth', $day->levelFt), $units->word('depth'));
    }

    /**
     * @param  array<string, int>  $order  place of each spot in the ranking, by name, from 0
     * @param  list<string>  $alike  names of spots that are ringed
     * @return array{name: string, lat: float, lon: float, sign: string, rank: int, class: string, href: string}
     */
    private static function mark(LakeSpot $spot, array $order, array $alike, string $href): array
    {
        $at = $order[$spot->name] ?? null;

        return [
            'name' => $spot->name,
            'lat' => $spot->lat,
            'lon' => $spot->lon,
            'sign' => $at === null ? '·' : (string) ($at + 1),
            'rank' => $at ?? 99,
            'class' => ($at !== null && $at < self::BEST ? 'best' : '').(in_array($spot->name, $alike, true) ? ' alike' : ''),
            'href' => $href,
        ];
    }

    /**
     * @param  iterable<LakeSpot>  $spots
     * @return list<string> strips of shade at the banks
     */
    public function shades(iterable $spots): array
    {
        $strips = [];
        foreach ($this->sun === null || $this->day->sky->isCovered() ? [] : $spots as $spot) {
            $width = $spot->place()->shade()?->widthFt($this->sun) ?? 0.0;
            if ($width > 0) {
                $strips[] = $this->plan->shade($spot->lat, $spot->lon, (float) $spot->bank_faces_deg, $width);
            }
        }

        return $strips;
    }

    /**
     * The shade along the banks of which somebody said how high they are (S22).
     *
     * @return list<string> strips
     */
    public function shoreShades(Lake $lake): array
    {
        $strips = $this->sun === null || $this->day->sky->isCovered() || $lake->banks === null ? []
            : ShoreShade::at($lake->banksTold(), $lake->shoreline ?? [], $this->sun);

        return array_map($this->plan->strip(...), $strips);
    }

    /** @return list<array{d: string, class: string}> the lanes of a drift: a line each, with a head where it ends */
    public static function lanes(PlanDrawing $plan, DriftPlan $drift): array
    {
        return array_map(static fn (Lane $l): array => ['d' => $plan->arrow($l->from, $l->to), 'class' => 'plan-lane'], $drift->lanes);
    }

    /**
     * Passes of towed lines with the turns at their ends that have room, the boat's own way, and the numbers of the passes where they begin.
     *
     * @param  list<Pass>  $passes
     * @param  list<Position>  $track
     * @return array{ways: list<array{d: string, class: string}>, numbers: list<array{name: string, sign: string, lat: float, lon: float, class: string}>}
     */
    public static function passes(PlanDrawing $plan, array $passes, array $track): array
    {
        $turns = array_filter(array_merge(...array_map(static fn (Pass $p): array => $p->turns, $passes)), static fn (PassTurn $t): bool => $t->fits());

        return [
            'ways' => [
                ...array_map(static fn (PassTurn $t): array => ['d' => 'M'.$plan->way($t->way), 'class' => 'plan-pass-turn'], array_values($turns)),
                ...array_map(static fn (Pass $p): array => ['d' => 'M'.$plan->way($p->way), 'class' => 'plan-pass'], $passes), ...self::track($plan, $track),
            ],
            'numbers' => array_map(static fn (Pass $p, int $i): array => [
                'name' => '', 'sign' => (string) ($i + 1), 'lat' => $p->way[0]->lat, 'lon' => $p->way[0]->lon, 'class' => '',
            ], $passes, array_keys($passes)),
        ];
    }

    /** What the turns at both ends of a pass are like, in words. */
    public static function turnsSaid(Pass $pass): string
    {
        $said = array_map(static fn (PassTurn $t): string => $t->fits() ? 'to '.($t->toStarboard ? 'starboard' : 'port') : 'no room, take lines in first', $pass->turns);

        return "turn at its beginning {$said[0]}, at its end {$said[1]}";
    }

    /**
     * The boat's own way today, as a line; none where it is not known.
     *
     * @param  list<Position>  $track
     * @return list<array{d: string, class: string}>
     */
    public static function track(PlanDrawing $plan, array $track): array
    {
        return count($track) < 2 ? [] : [['d' => 'M'.$plan->way($track), 'class' => 'plan-own-way']];
    }

    /** @return list<array{d: string, class: string}> a cast: its line, the part of it at the depth, the boat */
    public static function cast(PlanDrawing $plan, CastHere $cast): array
    {
        $line = $cast->line();
        if ($line === null) {
            return [];
        }
        [$from, $to] = $cast->shown()->stretchFt ?? [0.0, 0.0];

        return [
            ['d' => $plan->arrow($line->boat, $line->aim()), 'class' => 'plan-cast'],
            ...($to > $from ? [['d' => $plan->straight($line->at($from), $line->at($to)), 'class' => 'plan-cast-zone']] : []),
            ['d' => $plan->boat($line->boat, $line->bearingDeg), 'class' => 'plan-boat'],
        ];
    }

    /** @return list<array{d: string, x: float, y: float, words: string}> the wind and the sun, an arrow each */
    public function arrows(): array
    {
        $arrows = [];
        if ($this->day->windFromDeg !== null) {
            $arrows[] = [
                'd' => $this->plan->compassArrow(PlanDrawing::WIND, $this->day->windFromDeg + 180),
                'words' => 'wind '.round($this->units->show('speed', $this->day->windMph)).' '.$this->units->word('speed'),
            ] + $this->plan->compassText(PlanDrawing::WIND);
        }
        if ($this->sun !== null && $this->sun->elevationDeg > 0) {
            $arrows[] = [
                'd' => $this->plan->compassArrow(PlanDrawing::SUN, $this->sun->azimuthDeg + 180),
                'words' => 'sun '.round($this->sun->elevationDeg).'° high',
            ] + $this->plan->compassText(PlanDrawing::SUN);
        }

        return $arrows;
    }

    /**
     * The legs of a route over the water, in order: an arrowhead about the middle of each, and beside it, off the line, its number.
     *
     * @param  Collection<array-key, LakeSpot>  $spots
     * @return list<array{d: string, x: float, y: float, number: int}>
     */
    public static function legs(PlanDrawing $plan, PlannedRoute $route, Collection $spots): array
    {
        $way = array_map(static fn (Position $p): array => [$plan->x($p->lon), $plan->y($p->lat)], $route->line);
        $stops = $spots->keyBy('id');
        $legs = [];
        $from = 0;
        foreach ($route->stops as $stop) {
            $spot = $stops->get($stop->spot);
            if ($spot === null) {
                continue;
            }
            $to = self::nearest($way, $from, $plan->x($spot->lon), $plan->y($spot->lat));
            if ($to > $from) {
                $legs[] = self::leg(array_slice($way, $from, $to - $from + 1), count($legs) + 1, $plan->metresPerPoint());
            }
            $from = $to;
        }
        if ($from < count($way) - 1) {
            $legs[] = self::leg(array_slice($way, $from), count($legs) + 1, $plan->metresPerPoint());
        }

        return $legs;
    }

    /** @param  list<array{float, float}>  $way */
    private static function nearest(array $way, int $from, float $x, float $y): int
    {
        $best = $from;
        foreach ($way as $i => $point) {
            if ($i >= $from && hypot($point[0] - $x, $point[1] - $y) < hypot($way[$best][0] - $x, $way[$best][1] - $y)) {
                $best = $i;
            }
        }

        return $best;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return array{d: string, x: float, y: float, number: int}
     */
    private static function leg(array $points, int $number, float $metresPerPoint): array
    {
        $lengths = [];
        for ($i = 1; $i < count($points); $i++) {
            $lengths[] = hypot($points[$i][0] - $points[$i - 1][0], $points[$i][1] - $points[$i - 1][1]);
        }
        // About the middle, for each leg a little elsewhere: the numbers of legs that lie together do not.
        $left = array_sum($lengths) * (0.35 + 0.3 * fmod(self::APART * $number, 1.0));
        $i = 0;
        while ($i < count($lengths) - 1 && $left > $lengths[$i]) {
            $left -= $lengths[$i++];
        }
        [[$ax, $ay], [$bx, $by]] = [$points[$i], $points[$i + 1]];
        $long = max(1e-6, $lengths[$i]);
        [$dx, $dy] = [($bx - $ax) / $long, ($by - $ay) / $long];
        [$x, $y] = [$ax + $dx * $left, $ay + $dy * $left];
        $wing = 7 * $metresPerPoint;
        $off = 15 * $metresPerPoint;

        return [
            'd' => sprintf(
                'M%.1f %.1fL%.1f %.1fL%.1f %.1f', $x - ($dx + $dy) * $wing, $y - ($dy - $dx) * $wing, $x, $y, $x - ($dx - $dy) * $wing, $y - ($dy + $dx) * $wing,
            ),
            'x' => round($x - $dy * $off, 1), 'y' => round($y + $dx * $off, 1), 'number' => $number,
        ];
    }
}
