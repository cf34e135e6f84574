<?php

declare(strict_types=1);

namespace App\Log;

use App\Day\FieldSheet;
use App\Day\Kept;
use App\Drill\DrillFish;
use App\Log\Kinds\StintFields;
use App\Models\Contact;
use App\Models\Guest;
use App\Models\RackSlot;
use App\Models\Stint;
use App\Models\Trip;
use App\Show\Clock;
use App\Show\RuleLink;
use App\Show\Units;
use App\Show\Word;
use App\Waters\CastLines;
use App\Waters\DayRoute;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use LogicException;
use OldEddy\Basics\Said;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Log\Evidence\Limits;
use OldEddy\Log\Evidence\Losses;
use OldEddy\Log\Evidence\Showed;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Log\Evidence\Untested;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\LastHour;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Presentation;
use OldEddy\Pictures\Ribbon\DayRibbon;
use OldEddy\Pictures\Ribbon\Fished;
use OldEddy\Plan\HandsAboard;
use OldEddy\Plan\NeverTried;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;

/** The state of the deck as the device needs it: what it draws, and what it can go on with when the server is gone. */
final class Deck
{
    /** So many lures are named first for a spot. */
    private const FIRST = 2;

    /** How a number of a contact begins and steps, in the angler's units. */
    private const STEPS = [
        'us' => [
            'length' => ['start' => 14, 'step' => 0.25], 'depth' => ['start' => 4, 'step' => 1], 'weight' => ['start' => 2, 'step' => 0.1], 'girth' => ['start' => 10, 'step' => 0.25],
            'ruler' => ['from' => 4, 'to' => 30, 'step' => 0.25],
        ],
        'metric' => [
            'length' => ['start' => 35, 'step' => 1], 'depth' => ['start' => 1, 'step' => 0.5], 'weight' => ['start' => 1, 'step' => 0.05], 'girth' => ['start' => 25, 'step' => 0.5],
            'ruler' => ['from' => 10, 'to' => 75, 'step' => 0.5],
        ],
    ];

    public readonly Reading $reading;

    /** @var Collection<int, Stint> */
    public readonly Collection $stints;

    public readonly ToFish $toFish;

    public readonly TowedLines $tow;

    /** @var Collection<int, Stint> those that are cast */
    private readonly Collection $cast;

    public readonly DayEvidence $day;

    private readonly Margin $margin;

    private ?string $key = null;

    /** @param  ?Guest  $as  whose deck it is, where it is not the owner's */
    public function __construct(private readonly Trip $trip, private readonly Units $units, private readonly ?Guest $as = null)
    {
        $this->stints = $trip->stints()->with('contacts')->get();
        $this->margin = new Margin($trip, $as);
        $this->reading = WaterReader::read(Settler::settle($trip->told()));
        $hidden = $trip->drill_seed === null ? null : DrillFish::now($trip, $this->stints);
        // A towed line is in nobody's hand and stands at no place.
        $this->cast = $this->stints->whereNull('line');
        $this->toFish = new ToFish($trip, $this->reading, $this->cast, $this->margin->lakeKey, $hidden?->choices);
        $time = $hidden->time ?? DayClock::left(
            $trip, $this->reading, $this->stints->first()?->started_at->format('H:i'), $this->stints->last()?->started_at->format('H:i'),
        );
        $this->day = new DayEvidence($trip, $this->stints, $this->reading, $this->toFish->choices, $time, $this->margin);
        $this->tow = new TowedLines($trip, $this->stints, $this->reading, $units, $this->day->evidence->turns);
    }

    /** @return list<Untested> what was possible today and the log does not show */
    public function neverTried(): array
    {
        return $this->kept('never tried', fn (): array => $this->toFish->plan() === null
            ? NeverTried::ofChoices($this->toFish->choices, $this->day->evidence)
            : NeverTried::ofPlan($this->toFish->plan(), $this->day->evidence));
    }

    /** @return non-empty-list<Move> what to do next, for who looks at a day again without having fished on */
    public function next(): array
    {
        return $this->kept('next', $this->day->next(...));
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $reckon
     * @return T what hangs on the day, its log and what can be fished
     */
    private function kept(string $what, Closure $reckon): mixed
    {
        return Kept::of("{$what} {$this->toFish->key} {$this->day->key()}", $this->reading->day, $reckon);
    }

    public function ribbon(): DayRibbon
    {
        $planned = DayRoute::ribbon($this->trip->route);
        $names = [...array_map(static fn (Fished $f): string => $f->label, $planned), ...$this->stints->pluck('spot')->unique()->all()];

        return DayRibbon::of(
            $this->reading->day,
            $this->day->evidence->stints,
            $this->day->turns,
            $planned,
            $this->toFish->shades(array_values($names)),
        );
    }

    /**
     * All that a device needs to go on alone.
     *
     * @param  list<string>  $slices  keys of those that the device has already
     * @return array<string, mixed>
     */
    public function state(array $slices = []): array
    {
        return [
            ...$this->ground($slices),
            ...$this->tapped($this->next()),
            'stints' => array_values($this->stints->map($this->stint(...))->all()),
            'ribbon' => view('partials.ribbon', ['ribbon' => $this->ribbon(), 'key' => 'deck'])->render(),
        ];
    }

    /**
     * What a device needs after a tap, if it knows the ground: the stints that its entries touched, and what follows from them. Its
     * sums must come out at "count"; else another device has logged too, and it asks for all.
     *
     * @param  list<mixed>  $events
     * @return array<string, mixed>
     */
    public function after(array $events): array
    {
        $touched = Touch::of($this->trip, $this->stints, $events);
        $stints = $this->stints->whereIn('id', $touched->stints);

        return [
            ...$this->tapped($touched->asks ? $this->day->next() : null),
            'touched' => array_values($stints->map($this->stint(...))->all()),
            'gone' => array_values(array_diff($touched->stints, $this->stints->pluck('id')->all())),
            'count' => [
                $this->stints->count(), $this->day->evidence->casts(), $this->stints->sum(static fn (Stint $s): int => $s->contacts->count()),
            ],
        ];
    }

    /** What the ground is known by: the day, the rods, the places, the angler's units. */
    public function groundKey(): string
    {
        return $this->key ??= substr(hash('xxh128', serialize([
            $this->reading->day, $this->toFish->rods->map(static fn (RackSlot $r): array => $r->only(RackSlot::PRESENTATION))->all(), $this->trip->here,
            // Every change of a spot, its line of the cast too, is another lake.
            $this->margin->lakeKey,
            array_map(static fn (Fishable $p): array => $p->levels(), $this->toFish->choices->places), $this->units->metric, $this->isToday(),
            $this->trip->aboard(), $this->as?->name, $this->trip->spread,
        ])), 0, 16);
    }

    private function isToday(): bool
    {
        return ($this->trip->conditions['date'] ?? null) === $this->trip->now()->toDateString();
    }

    /**
     * @param  ?list<Move>  $next  null where nobody asked what to do
     * @return array<string, mixed> what changes with every tap
     */
    private function tapped(?array $next): array
    {
        return [
            'drawn' => now()->toIso8601String(),
            'ground' => $this->groundKey(),
            ...($next === null ? [] : ['next' => array_map($this->move(...), $next)]),
            'sum' => $this->units->say($this->day->pattern->text),
            'undo' => array_map($this->done(...), $this->margin->undoable),
            // What two devices differ on is the owner's to settle.
            'disputes' => $this->as === null ? array_map($this->dispute(...), $this->margin->disputes) : [],
            'showed' => array_map($this->showed(...), array_values(array_filter(Showed::in($this->day->evidence->stints), static fn (Showed $s): bool => ! $s->met))),
            'trace' => $this->trace(),
            'here' => $this->here(),
            'manner' => [
                'goal' => $this->trip->goal, 'practice' => $this->trip->practice ? 'yes' : 'no',
                'beat' => $this->trip->beat_lb === null ? null : $this->units->showWeight($this->trip->beat_lb),
            ],
            'bag' => (new BagWords($this->trip, $this->stints, $this->units))->lines(),
            'tow_says' => $this->tow->says(),
            'knots' => (object) KnotWords::of($this->trip, $this->day->evidence->stints),
        ];
    }

    /**
     * @param  list<string>  $slices
     * @return array<string, mixed> what changes with the day, its rods and its places
     */
    private function ground(array $slices): array
    {
        return [
            'trip' => $this->trip->id,
            'angler' => $this->as->user_id ?? $this->trip->user_id,
            // By what name the log calls whoever holds this device; the owner needs none there.
            'me' => $this->as?->name,
            'owner' => $this->trip->user->name,
            'aboard' => $this->trip->aboard(),
            'hands' => (object) HandsAboard::jobs($this->trip->aboard()),
            'today' => $this->isToday(),
            'timezone' => $this->trip->conditions['timezone'] ?? null,
            'drill' => $this->trip->drill_seed !== null,
            'rods' => $this->toFish->at->shown($this->units, $slices),
            'parts' => $this->toFish->at->parts($this->units),
            'spots' => $this->spots(),
            'lines' => (object) CastLines::of($this->trip, $this->shared()),
            'lake' => $this->trip->lake_id !== null,
            'spread' => $this->tow->ground(),
            'past' => $this->day->past->days === 0 ? null : sprintf(
                'Believed before the first cast: %.1f contacts in 100 casts, from %d of your days in %s with like clarity.',
                100 * $this->day->past->prior()->perCast,
                $this->day->past->days,
                $this->reading->stage->stage->words(),
            ),
            'leave_after' => OwnTargets::clock($this->trip->user)->leaveAfter(),
            'last_hour' => $this->lastHour(),
            'asks' => $this->asks(),
            'options' => $this->options(),
            'limits' => ['casts' => Limits::CASTS, 'casts_at_once' => Limits::CASTS_AT_ONCE, 'cast_s' => Limits::CAST_S],
            'steps' => self::STEPS[$this->units->metric ? 'metric' : 'us'],
            'units' => $this->units->metric ? 'metric' : 'us',
            'size_unit' => $this->units->sizeWord(),
            'weight_unit' => $this->units->weightWord(),
            'depth_unit' => $this->units->word('depth'),
            'water' => WaterWords::of($this->reading, $this->units),
            'reads' => WaterWords::fish($this->reading, $this->units),
            'says' => $this->toFish->says($this->units),
        ];
    }

    /** @return array<string, mixed> */
    private function stint(Stint $stint): array
    {
        return [
            'id' => $stint->id, 'at' => $stint->started_at->format('Y-m-d\TH:i:s'), 'spot' => $stint->spot,
            'rod' => Presentation::key($stint->lure, $stint->color), ...$stint->only(RackSlot::PRESENTATION),
            'lure_key' => $stint->lure, 'lure' => Word::of($stint->lure), 'angler' => $stint->angler, 'casts' => $stint->cast_count, 'cover_part' => $stint->cover_part,
            'light' => $stint->light,
            ...($stint->line === null ? [] : ['line' => $stint->line, 'lifted' => $stint->lifted_at?->format('Y-m-d\TH:i:s')]),
            'contacts' => array_values($stint->contacts->map($this->contact(...))->all()),
        ];
    }

    /** @return array<string, mixed> */
    private function contact(Contact $contact): array
    {
        return [
            'id' => $contact->id, 'kind' => $contact->kind, 'at' => $contact->at->format('Y-m-d\TH:i:s'), 'cast' => $contact->at_cast,
            'species' => $contact->species,
            'length' => $contact->length_in === null ? null : $this->units->showSize($contact->length_in),
            'depth' => $contact->depth_ft === null ? null : $this->units->show('depth', $contact->depth_ft),
            'weight' => $contact->weight_lb === null ? null : $this->units->showWeight($contact->weight_lb),
            'girth' => $contact->girth_in === null ? null : $this->units->showSize($contact->girth_in),
            'about' => $this->about($contact),
            ...$contact->only(['hooked', 'forage', 'cover', 'cover_part', 'light', 'lost_by', 'weighed_by', 'kept']),
        ];
    }

    /** What a fish that was measured and not weighed weighed, about (Y6). */
    private function about(Contact $contact): ?string
    {
        $weighed = $contact->weight_lb === null ? $contact->weighed($this->reading->day->species->value) : null;

        return $weighed === null ? null : 'about '.$this->units->fish($weighed->mass);
    }

    /** @return list<array{name: string, about: string, first: string}> */
    private function spots(): array
    {
        return array_map(fn (Fishable $p): array => [
            'name' => $p->name, 'about' => $this->aboutPlace($p), 'first' => implode(', ', array_map(Word::of(...), $p->bestFitting(self::FIRST))),
        ], array_values(array_filter($this->toFish->choices->places,
            fn (Fishable $p): bool => $this->shared() === null || in_array($p->name, $this->shared(), true))));
    }

    /** @return ?list<string> the places that a guest knows of: those of today; null for the owner, who knows all */
    public function shared(): ?array
    {
        return $this->as === null ? null : array_values(array_unique(array_filter([...$this->stints->pluck('spot')->all(), $this->trip->here])));
    }

    private function aboutPlace(Fishable $place): string
    {
        $known = implode(', ', array_filter([
            $place->structure === null ? null : Word::of($place->structure),
            $place->cover === null ? null : Word::of($place->cover),
            $place->waterDepthFt === null ? null : $this->units->depth($place->waterDepthFt),
            $place->light,
        ]));

        return $known === '' && ! $this->stints->contains('spot', $place->name) ? 'new' : $known;
    }

    /** @return array<string, mixed> */
    private function move(Move $move): array
    {
        $offer = $move->offer;
        $present = $this->cast->last();
        // An offer of what is fished already needs no key.
        $other = $offer !== null && ($present === null || $offer->place->name !== $present->spot
            || $offer->presentation !== $this->toFish->choices->presentation($this->day->evidence->last() ?? throw new LogicException('No stint was weighed.')));

        return [
            'action' => ucfirst($move->action->words()), 'text' => $this->units->say($move->text), 'rule' => $move->ruleId,
            'link' => RuleLink::to($this->trip, $move->ruleId),
            'sure' => $move->sure(), 'unless' => $move->unless === null ? null : "Changed by: {$move->unless}.",
            'offer' => $other ? [
                'spot' => $offer->place->name,
                ...$this->presentation($offer->presentation),
                'words' => $this->units->say(Said::capital(Said::joined($offer->presentation->words($this->inHand()), ' at ', $offer->place->name))),
            ] : null,
        ];
    }

    /** The spot that was picked for the day, by its name, where it is one of those that can be fished. */
    private function here(): ?string
    {
        $spot = $this->trip->here;

        return $spot !== null && $this->toFish->choices->place($spot) !== null ? $spot : null;
    }

    /** @return ?array{from: int, text: string} the minute at which the last hour begins, and what is said then, once */
    private function lastHour(): ?array
    {
        $until = $this->reading->day->sunDay?->sunsetMinute();

        return $until === null ? null : [
            'from' => $until - LastHour::MINUTES, 'text' => $this->units->say(LastHour::words($this->day->pattern, Clock::of($until))),
        ];
    }

    private function showed(Showed $fish): string
    {
        return sprintf('%s: a %s would not have the %s at %s', $fish->spot, $fish->kind->words(), Word::of($fish->lure), substr($fish->at, 11, 5));
    }

    /** What is asked once teeth have taken a lure (D13). */
    private function trace(): ?string
    {
        $bitten = array_filter(Losses::byLure($this->day->evidence->stints), static fn (Losses $l): bool => $l->wasBittenOff());

        return $bitten === [] ? null : 'Bitten off: tie a bite-proof trace to every moving rod? In clear water it costs bites; you choose.';
    }

    /** @return array<string, list<array<string, mixed>>> what a turn of the day asks for (M19), by its kind */
    private function asks(): array
    {
        $asks = [];
        foreach (TurnKind::cases() as $kind) {
            foreach ($kind->asksFor() as $path) {
                $control = FieldSheet::field($path);
                if ($control !== null) {
                    $option = static fn (string $words, int|string $key): array => ['value' => (string) $key, 'words' => $words];
                    $asks[$kind->value][] = [
                        'path' => $path, 'label' => $control->label, 'options' => array_map($option, $control->options, array_keys($control->options)),
                        'unit' => $control->options === [] ? $this->units->word($control->quantity) : '',
                    ];
                }
            }
        }

        return $asks;
    }

    /** @return array<string, mixed> as a stint begins with it */
    private function presentation(Presentation $shown): array
    {
        $rod = $this->toFish->rods->first(static fn (RackSlot $r): bool => $r->lure === $shown->lure);

        // What is not said is not sent.
        return array_filter(RackSlot::said($shown, $rod?->depth_ft), static fn (mixed $part): bool => $part !== null);
    }

    private function inHand(): ?Presentation
    {
        $last = $this->day->evidence->last();

        return $last === null ? null : $this->toFish->choices->presentation($last);
    }

    /**
     * @param  object{id: string, kind: string, count: int, at: string}  $event
     * @return array{id: string, words: string}
     */
    private function done(object $event): array
    {
        return ['id' => $event->id, 'words' => match ($event->kind) {
            'casts' => $event->count === 1 ? 'a cast' : "{$event->count} casts",
            'contact' => 'a contact',
            'stint' => 'a change',
            'detail', 'amend' => 'a detail',
            'turn' => 'a turn of the day',
            'condition' => 'what the water is like',
            'manner' => 'how the day is fished',
            'rig' => 'a rod rigged',
            'care' => 'a rod cared for',
            'line' => 'the line of a cast',
            'dock' => 'a dock marked',
            'tow' => 'a line set out',
            'lift' => 'a line taken in',
            'pick' => 'a spot picked',
            'route' => 'a route planned',
            default => 'an entry taken out',
        }.' at '.substr($event->at, 11, 5)];
    }

    /**
     * @param  object{id: int, field: string, kept: ?string, other: ?string}  $dispute
     * @return array<string, mixed>
     */
    private function dispute(object $dispute): array
    {
        return ['id' => $dispute->id, 'text' => sprintf(
            'Two devices differ on %s: %s stands, the other said %s.',
            Word::of(str_replace(['length_in', 'cast_count', 'depth_ft'], ['the length', 'the casts', 'the depth'], $dispute->field)),
            $dispute->kept ?? 'nothing',
            $dispute->other ?? 'nothing',
        ),
            'kept' => $dispute->kept ?? 'nothing', 'other' => $dispute->other ?? 'nothing'];
    }

    /** @return array<string, list<array{value: string, words: string}>> */
    private function options(): array
    {
        $options = [...StintFields::ofContact(), 'turn' => TurnKind::keys()];

        return array_map(
            static fn (array $keys): array => array_map(static fn (string $k): array => ['value' => $k, 'words' => Word::of($k)], $keys),
            $options,
        );
    }
}
