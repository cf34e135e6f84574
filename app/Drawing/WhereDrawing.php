<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Models\LakeSpot;
use App\Models\Trip;
use App\Show\Units;
use App\Waters\SpotToday;
use Illuminate\Support\Collection;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Sun\SunPosition;
use OldEddy\Where\Places\RankedPlace;

/** What lies on the water plan of a day: numbered spots, shade, wind and sun. It draws; every number in it is the core's. */
final readonly class WhereDrawing
{
    /** So many spots are drawn as the best of the hour. */
    private const BEST = 5;

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

    /** @return array<string, string> the temperatures that were typed for sections, by name */
    public static function temperatures(Trip $trip, Units $units): array
    {
        $measured = array_filter($trip->conditions['sections'] ?? [], static fn (array $s): bool => isset($s['temp_f']));

        return array_map($units->temp(...), array_column($measured, 'temp_f', 'name'));
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
}
