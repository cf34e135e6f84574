<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use DateTimeImmutable;
use OldEddy\Basics\Moment;

/** A fish that showed itself and was not caught: where, to which lure, how and when (ISO 8601). Each is an appointment (rules M16, S29). */
final readonly class Showed
{
    /** After so many minutes of rest it is offered something again. Basis: rule S29, our own number. */
    public const REST_MIN = 20.0;

    private const KINDS = [ContactKind::Follow, ContactKind::Boil, ContactKind::Missed];

    /** @param  bool  $met  whether a fish was hooked at the spot later on */
    private function __construct(public string $spot, public string $lure, public ContactKind $kind, public string $at, public bool $met)
    {
    }

    /**
     * Those of a day, in order of time.
     *
     * @param  list<Stint>  $stints  in order of time
     * @return list<self>
     */
    public static function in(array $stints): array
    {
        $found = [];
        $hooked = [];
        foreach (array_reverse($stints) as $stint) {
            $spot = $stint->levels['spot'] ?? '';
            foreach (array_reverse($stint->contacts) as $contact) {
                if ($contact->kind->isHooked()) {
                    $hooked[$spot] = true;
                } elseif (in_array($contact->kind, self::KINDS, true)) {
                    $found[] = new self($spot, $stint->levels['lure'] ?? '', $contact->kind, self::moment($stint, $contact), isset($hooked[$spot]));
                }
            }
        }

        return array_reverse($found);
    }

    /** Minutes since it showed, at a moment (ISO 8601). */
    public function minutesUntil(string $moment): float
    {
        return Moment::secondsBetween($this->at, $moment) / 60;
    }

    /** About when a contact was: a stint's minutes spread over its casts, the usual pace where they were not counted. */
    private static function moment(Stint $stint, Contact $contact): string
    {
        $perCast = $stint->minutes !== null && $stint->casts > 0 ? 60 * $stint->minutes / $stint->casts : Limits::CAST_S;

        return (new DateTimeImmutable($stint->at))->modify(sprintf('+%d seconds', (int) round($perCast * ($contact->atCast ?? $stint->casts))))->format('Y-m-d\TH:i:s');
    }
}
