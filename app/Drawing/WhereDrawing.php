<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Models\LakeSpot;
use App\Show\Units;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Sun\SunPosition;

/** What lies on the water plan of a day: numbered spots, shade, wind and sun. It draws; every number in it is the core's. */
final readonly class WhereDrawing
{
    /** So many spots are drawn as the best of the hour. */
    private const BEST = 5;

    public function __construct(private PlanDrawing $plan, private Settled $day, private ?SunPosition $sun, private Units $units)
    {
    }

    /**
     * @param  array<string, int>  $order  place of each spot in the ranking, by name, from 0
     * @param  list<string>  $alike  names of spots that are ringed
     * @return array{name: string, lat: float, lon: float, sign: string, rank: int, class: string, href: string}
     */
    public static function mark(LakeSpot $spot, array $order, array $alike, string $href): array
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
