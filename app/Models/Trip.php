<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use OldEddy\Conditions\Conditions;
use OldEddy\Conditions\ConditionsReader;
use OldEddy\Plan\Plan;
use OldEddy\Plan\Planner;

/**
 * One day on the water: its conditions, its rack and its log.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property array<string, mixed> $conditions as the contract of the plan spells them
 * @property ?Carbon $closed_at
 * @property User $user
 * @property-read Collection<int, RackSlot> $rack
 */
final class Trip extends Model
{
    protected $fillable = ['name', 'conditions', 'ask', 'closed_at'];

    protected $attributes = ['closed_at' => null];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<RackSlot, $this> */
    public function rack(): HasMany
    {
        $relation = $this->hasMany(RackSlot::class);
        $relation->orderBy('id');

        return $relation;
    }

    /** @return HasMany<Stint, $this> */
    public function stints(): HasMany
    {
        $relation = $this->hasMany(Stint::class);
        $relation->orderBy('started_at')->orderBy('created_at');

        return $relation;
    }

    /** @return HasMany<Contact, $this> */
    public function contacts(): HasMany
    {
        return $this->hasMany(Contact::class);
    }

    /** @return HasMany<LogEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(LogEvent::class);
    }

    public function told(): Conditions
    {
        return ConditionsReader::read([...$this->conditions, 'schools' => $this->user->schools()->toArray()]);
    }

    public function plan(): Plan
    {
        return Planner::plan($this->told());
    }

    public function isOpen(): bool
    {
        return $this->closed_at === null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['conditions' => 'array', 'closed_at' => 'datetime'];
    }
}
