<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\Contact;
use OldEddy\Log\Evidence\Limits;

/** More about a contact: kind, species, length, hook, forage, depth, cover and its part, light. All of it optional. */
final class DetailsContact extends SaysMore
{
    /** The longest fish in the smallest unit that a length comes in. */
    private const LONGEST = Limits::LENGTH_IN * 2.54;

    /** The heaviest in the smallest unit that a weight comes in: pounds, or kilograms. */
    private const HEAVIEST = Limits::FISH_LB;

    public function fields(): array
    {
        return ['contact' => Wanted::id()] + parent::fields();
    }

    public function stintOf(array $event): ?string
    {
        return $this->batch->stintOfContact($event['contact']);
    }

    public function knows(array $event): bool
    {
        return $this->hasContact($event['contact']);
    }

    protected function sayable(): array
    {
        return [
            ...StintFields::of('contact', ['kind']),
            ...StintFields::perhaps('contact', ['species', 'hooked', 'forage', 'cover', 'cover_part', 'light', 'lost_by']),
            ...StintFields::perhaps('fish', ['weighed_by', 'kept']),
            'length' => Wanted::number(1, self::LONGEST)->orNothing(),
            'girth' => Wanted::number(1, self::LONGEST)->orNothing(),
            'weight' => Wanted::number(0.01, self::HEAVIEST)->orNothing(),
            'depth' => StintFields::one('contact', 'depth_ft')->orNothing(),
        ];
    }

    protected function subject(array $event): Contact
    {
        return $this->contacts()->whereKey($event['contact'])->firstOrFail();
    }
}
