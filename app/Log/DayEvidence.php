<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use OldEddy\Conditions\Settler;
use OldEddy\Evidence\Contact as LoggedContact;
use OldEddy\Evidence\ContactKind;
use OldEddy\Evidence\Evidence;
use OldEddy\Evidence\Hooked;
use OldEddy\Evidence\Move;
use OldEddy\Evidence\NextMove;
use OldEddy\Evidence\Pattern;
use OldEddy\Evidence\Stint as LoggedStint;
use OldEddy\Reading\WaterReader;
use OldEddy\Season\Stage;

/** A day's log as the core weighs it. */
final readonly class DayEvidence
{
    public Evidence $evidence;

    public Pattern $pattern;

    /** @var non-empty-list<Move> */
    public array $next;

    public function __construct(Trip $trip)
    {
        $stints = $trip->stints()->with('contacts')->get()->map(fn (Stint $s): LoggedStint => new LoggedStint(
            $s->started_at->format('Y-m-d\TH:i:s'),
            ['spot' => $s->spot, 'lure' => $s->lure, 'color' => $s->color, 'retrieve' => $s->retrieve, 'structure' => $s->structure, 'cover' => $s->cover, 'light' => $s->light],
            $s->depth_ft,
            $s->cast_count,
            null,
            array_values($s->contacts->map(fn (Contact $c): LoggedContact => new LoggedContact(
                ContactKind::from($c->kind), $c->species, $c->length_in, $c->hooked === null ? null : Hooked::from($c->hooked), $c->at_cast,
            ))->all()),
        ))->all();
        $this->evidence = Evidence::weigh(array_values($stints));
        $this->pattern = Pattern::in($this->evidence);
        $this->next = NextMove::after($this->evidence, $this->pattern, $trip->user->schools(), WaterReader::read(Settler::settle($trip->told()))->stage->stage === Stage::Winter);
    }
}
