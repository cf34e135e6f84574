<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Models\Contact;

/** More about a contact: kind, species, length, hook, forage, depth, cover and its part, light. All of it optional. */
final class DetailsContact extends SaysMore
{
    public function rules(array $event): array
    {
        return ['contact' => ['required', 'uuid']] + parent::rules($event);
    }

    public function knows(array $event): bool
    {
        return $this->hasContact($event['contact']);
    }

    protected function fields(): array
    {
        return [
            ...self::optional(StintFields::ofContact()),
            'kind' => ['required_with:fields.kind', \Illuminate\Validation\Rule::in(StintFields::ofContact()['kind'])],
            'length' => ['nullable', 'numeric', 'between:1,250'],
            'depth' => ['nullable', 'numeric', 'between:0,1000'],
        ];
    }

    protected function subject(array $event): Contact
    {
        return $this->contacts()->whereKey($event['contact'])->firstOrFail();
    }
}
