<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Log\Wanted;
use App\Models\Contact;
use OldEddy\Log\Evidence\Limits;

/** More about a contact: kind, species, length, hook, forage, depth, cover and its part, light. All of it optional. */
final class DetailsContact extends SaysMore
{
    public function fields(): array
    {
        return ['contact' => Wanted::id()] + parent::fields();
    }

    public function knows(array $event): bool
    {
        return $this->hasContact($event['contact']);
    }

    protected function sayable(): array
    {
        return [
            ...StintFields::optional(StintFields::ofContact()),
            'kind' => Wanted::oneOf(StintFields::ofContact()['kind']),
            'length' => Wanted::number(1, 250)->orNothing(),
            'depth' => Wanted::number(0, Limits::DEPTH_FT)->orNothing(),
        ];
    }

    protected function subject(array $event): Contact
    {
        return $this->contacts()->whereKey($event['contact'])->firstOrFail();
    }
}
