<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

/** One place and one presentation: what a next stint would be. */
final readonly class Offer
{
    /** After so many casts without a contact it is asked again what to do. Basis: rule S3, our own number. */
    public const CASTS = 5;

    public function __construct(public Fishable $place, public Presentation $presentation)
    {
    }

    /**
     * Whether it is asked again what to do, where a stint without a contact meanwhile went from so many casts to so many. Basis: as CASTS.
     *
     * @param  int<0, max>  $before
     * @param  int<0, max>  $now
     */
    public static function isAskedAgain(int $before, int $now): bool
    {
        return intdiv($now, self::CASTS) > intdiv($before, self::CASTS);
    }

    /** @return array<string, string> levels by factor */
    public function levels(): array
    {
        return [...$this->place->levels(), ...$this->presentation->levels()];
    }
}
