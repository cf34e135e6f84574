<?php

declare(strict_types=1);

namespace App\Log\Kinds;

use App\Models\Stint;
use Illuminate\Validation\Rule;

/** A stint put right: its casts set afterwards, its spot, lure, depth, cover, light, angler. */
final class AmendsStint extends SaysMore
{
    public function rules(array $event): array
    {
        return ['stint' => ['required', 'uuid']] + parent::rules($event);
    }

    public function knows(array $event): bool
    {
        return $this->hasStint($event['stint']);
    }

    protected function fields(): array
    {
        return [
            ...self::optional(StintFields::ofStint()),
            'lure' => [Rule::in(StintFields::lures())],
            'color' => [Rule::in(StintFields::colors())],
            'spot' => ['filled', ...StintFields::RULES['spot']],
            'retrieve' => ['filled', ...StintFields::RULES['retrieve']],
            'angler' => ['nullable', ...StintFields::RULES['angler']],
            'depth' => ['filled', 'numeric', 'between:0,1000'],
            'casts' => ['integer', 'between:0,5000'],
        ];
    }

    protected function subject(array $event): Stint
    {
        return $this->stints()->whereKey($event['stint'])->firstOrFail();
    }
}
