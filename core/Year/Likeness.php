<?php

declare(strict_types=1);

namespace OldEddy\Year;

use OldEddy\Basics\Said;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Clarity;
use OldEddy\Day\Water\ClarityShift;
use UnitEnum;

/**
 * How far a past day is from another, part by part (rule Y2): 0 is the same, 1 in a part is a difference that an angler would fish
 * otherwise for. Basis: own choice.
 */
final readonly class Likeness
{
    /** What makes a difference of 1: stages, °F, classes and shifts of clarity, mph, days of the year. */
    private const STAGES = 1.0;

    private const TEMP_F = 6.0;

    private const CLASSES = 1.0;

    private const SHIFTS = 2.0;

    private const WIND_MPH = 10.0;

    private const DAYS = 45.0;

    /** Another kind of front, another cover of the sky, light that is low on one of them. */
    private const FRONT = 0.7;

    private const SKY = 0.5;

    private const LIGHT = 0.3;

    /** A smaller difference is not worth a word. */
    private const TOLD_FROM = 0.1;

    /** The whole distance: the root of the summed squares of its parts. */
    public float $distance;

    /** @param  array<string, float>  $distances  by what they are about */
    private function __construct(public PastDay $past, private array $distances)
    {
        $this->distance = sqrt(array_sum(array_map(static fn (float $d): float => $d ** 2, $distances)));
    }

    /** How far a past day is from this one. */
    public static function of(PastDay $past, PastDay $today): self
    {
        return new self($past, [
            'stage' => self::steps(Stage::cases(), $past->stage, $today->stage) / self::STAGES,
            'temperature' => abs($past->tempF - $today->tempF) / self::TEMP_F,
            'clarity' => self::steps(Clarity::cases(), $past->clarity, $today->clarity) / self::CLASSES,
            'shift' => self::steps(ClarityShift::cases(), $past->shift, $today->shift) / self::SHIFTS,
            'front' => $past->front === $today->front ? 0.0 : ($past->front->isPost() === $today->front->isPost() ? self::FRONT / 2 : self::FRONT),
            'wind' => abs($past->windMph - $today->windMph) / self::WIND_MPH,
            'sky' => $past->sky === $today->sky ? 0.0 : ($past->sky->isCovered() === $today->sky->isCovered() ? self::SKY / 2 : self::SKY),
            'light' => $past->lowLight === $today->lowLight ? 0.0 : self::LIGHT,
            'time of year' => $past->daysOfYearTo($today) / self::DAYS,
        ]);
    }

    /** @return array<string, LikenessPart> by what they are about */
    public function parts(): array
    {
        $past = $this->past;
        $then = [
            'stage' => $past->stage->words(), 'temperature' => Said::of('{%.0f °F}', $past->tempF), 'clarity' => "{$past->clarity->value} water",
            'shift' => 'clarity '.$past->shift->words(), 'front' => 'front '.$past->front->words(), 'wind' => Said::of('wind {%.0f mph}', $past->windMph),
            'sky' => $past->sky->words().' sky', 'light' => $past->lowLight ? 'low light' : 'full light',
            'time of year' => sprintf('%.0f days off in the year', $this->distances['time of year'] * self::DAYS),
        ];

        return array_combine(
            array_keys($then), array_map(static fn (float $d, string|Said $said): LikenessPart => new LikenessPart($d, $said), $this->distances, $then),
        );
    }

    /** @return array<string, LikenessPart> the parts that differ, the most first */
    public function differs(): array
    {
        $parts = array_filter($this->parts(), static fn (LikenessPart $p): bool => $p->distance >= self::TOLD_FROM);
        uasort($parts, static fn (LikenessPart $a, LikenessPart $b): int => $b->distance <=> $a->distance);

        return $parts;
    }

    /**
     * @template T of UnitEnum
     *
     * @param  list<T>  $order
     * @param  T  $a
     * @param  T  $b
     */
    private static function steps(array $order, UnitEnum $a, UnitEnum $b): int
    {
        return abs((int) array_search($a, $order, true) - (int) array_search($b, $order, true));
    }
}
