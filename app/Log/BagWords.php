<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use App\Show\Units;
use Illuminate\Database\Eloquent\Collection;
use OldEddy\Basics\Units\Mass;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Fish\Bag;
use OldEddy\Log\Fish\BagFish;

/** The day's bag (Y7), reckoned by the core, in the angler's words. */
final readonly class BagWords
{
    public Bag $bag;

    /** @var array<string, Contact> the caught fish by id */
    private array $caught;

    /** @var array<string, list<Contact>> by whose they are */
    private array $caughtBy;

    /** @param  Collection<int, Stint>  $stints  of the day, with their contacts */
    public function __construct(private Trip $trip, Collection $stints, private Units $units)
    {
        $caught = $stints->flatMap->contacts->where('kind', ContactKind::Caught->value)->keyBy('id');
        $this->caught = $caught->all();
        $by = [];
        foreach ($stints as $stint) {
            foreach ($stint->contacts->where('kind', ContactKind::Caught->value) as $contact) {
                $by[$stint->angler ?? $trip->user->name][] = $contact;
            }
        }
        $this->caughtBy = $by;
        $species = (string) $trip->conditions['species'];
        $this->bag = Bag::of(array_values($caught->map(static fn (Contact $c): BagFish => $c->forBag($species))->all()), $trip->user->bagLimits());
    }

    /** @return list<string> what is to be said of it, one thing a line; nothing before the first fish */
    public function lines(): array
    {
        if ($this->caught === []) {
            return [];
        }
        $bag = $this->bag;
        $goes = $bag->goesNext();
        $none = 'No fish yet that may be kept and whose weight is known.';

        return array_values(array_filter([
            $bag->best === [] ? $none : sprintf('%s of %d: %s', count($bag->best), $bag->limits->number, $this->pounds($bag->pounds())),
            count($bag->best) > 1 ? 'Without the biggest: '.$this->pounds($bag->withoutBiggest()) : null,
            $goes === null ? null : 'When a better one comes, let go '.$this->fish($goes),
            $bag->letGo === [] ? null : 'Kept over the number, let go: '.implode('; ', array_map($this->fish(...), $bag->letGo)),
            $bag->small > 0 ? "{$bag->keepers} that may be kept, {$bag->small} that may not" : null,
            $bag->unweighed > 0 ? "{$bag->unweighed} without length or weight" : null,
            $this->against(),
            ...$this->each(),
        ]));
    }

    /** @return list<string> the bag of each, where more than one caught something (G7) */
    private function each(): array
    {
        $species = (string) $this->trip->conditions['species'];
        $lines = [];
        foreach ($this->caughtBy as $name => $caught) {
            $bag = Bag::of(array_map(static fn (Contact $c): BagFish => $c->forBag($species), $caught), $this->trip->user->bagLimits());
            $lines[] = $bag->best === [] ? "{$name}: no fish yet that may be kept" : sprintf('%s: %d, %s', $name, count($bag->best), $this->pounds($bag->pounds()));
        }

        return count($lines) > 1 ? $lines : [];
    }

    private function against(): ?string
    {
        $beat = $this->trip->beat_lb;
        $missing = $beat === null ? 0.0 : $this->bag->missingTo($beat);

        return match (true) {
            $beat === null => null,
            $missing > 0 => "{$this->pounds($missing)} to {$this->pounds($beat)}",
            default => "{$this->pounds($beat)} is beaten",
        };
    }

    /** A fish as one knows it again: its length, its weight, when it came. */
    private function fish(BagFish $fish): string
    {
        $contact = $this->caught[$fish->id];
        $weight = $fish->weighed === null ? null : $this->units->fish($fish->weighed->mass).' '.$fish->weighed->by->says();

        return implode(', ', array_filter([$fish->lengthIn === null ? null : $this->units->size($fish->lengthIn), $weight, 'of '.$contact->at->format('H:i')]));
    }

    private function pounds(float $pounds): string
    {
        return $this->units->fish(Mass::fromPounds($pounds));
    }
}
