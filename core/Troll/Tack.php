<?php

declare(strict_types=1);

namespace OldEddy\Troll;

/** A stretch of the boat's way in one direction: from and until when (ISO 8601), where it headed (north east), how fast (mph). */
final readonly class Tack
{
    /** Speeds are told apart by so much, mph. Basis: own choice, what lures are felt to answer. */
    private const APART_MPH = 0.2;

    public function __construct(public string $from, public string $to, public string $heading, public float $mph)
    {
    }

    /** Its speed as a level of the evidence. */
    public function speed(): string
    {
        return sprintf('%.1f mph', self::APART_MPH * round($this->mph / self::APART_MPH));
    }
}
