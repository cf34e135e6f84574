<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use OldEddy\Log\Evidence\Stint as LoggedStint;
use OldEddy\Troll\Side;
use OldEddy\Troll\Station;
use OldEddy\Troll\Strike;
use OldEddy\Troll\TrolledRun;

/**
 * One spot, one presentation.
 *
 * @property string $id
 * @property int $trip_id
 * @property Carbon $started_at local time of the water
 * @property string $spot
 * @property string $lure
 * @property string $color
 * @property float $depth_ft of the lure
 * @property ?float $water_depth_ft
 * @property ?float $weight_oz
 * @property ?float $length_in
 * @property ?string $cast_kind
 * @property string $retrieve
 * @property ?string $structure
 * @property ?string $cover
 * @property ?string $cover_part
 * @property ?string $light
 * @property ?string $angler whose casts they are, by name; null where they are the owner's and nobody was told apart
 * @property ?int $user_id whose device logged it, where it was not the owner's
 * @property ?int $spot_id
 * @property ?bool $followed whether it began by a move that was offered; null where none was
 * @property int $cast_count
 * @property ?string $line the key of a towed line in its spread; null where it is cast
 * @property ?string $side
 * @property ?string $station
 * @property ?string $carrier
 * @property ?float $let_out_ft
 * @property ?float $troll_mph
 * @property ?Carbon $lifted_at when a towed line came in
 * @property-read Collection<int, Contact> $contacts
 */
final class Stint extends Model
{
    use AskedOnce;
    use HasUuids;
    use SoftDeletes;

    protected $table = 'stints';

    protected $fillable = [
        'id', 'trip_id', 'started_at', 'spot', 'lure', 'color', 'depth_ft', 'retrieve', 'structure', 'cover', 'cover_part', 'light', 'angler',
        'cast_count', 'water_depth_ft', 'weight_oz', 'length_in', 'cast_kind', 'followed', 'line', 'side', 'station', 'carrier', 'let_out_ft', 'troll_mph', 'lifted_at',
    ];

    /** @return HasMany<Contact, $this> */
    public function contacts(): HasMany
    {
        $relation = $this->hasMany(Contact::class);
        $relation->orderBy('at')->orderBy('at_cast');

        return $relation;
    }

    /**
     * Stints with their contacts as the core weighs them; what is towed is weighed apart (T10).
     *
     * @param  Collection<int, self>  $stints
     * @param  ?string  $owner  whose those are of which nobody is said, where others fished along
     * @return list<LoggedStint>
     */
    public static function logged(Collection $stints, ?string $owner = null): array
    {
        $stints = $stints->whereNull('line');
        $alone = $owner === null || $stints->every(static fn (self $stint): bool => $stint->angler === null);

        return array_values($stints->map(static fn (self $stint): LoggedStint => new LoggedStint(
            $stint->started_at->format('Y-m-d\TH:i:s'),
            ['cast' => $stint->cast_kind, 'angler' => $stint->angler ?? ($alone ? null : $owner)]
                + $stint->only(['spot', 'lure', 'color', 'retrieve', 'structure', 'cover', 'cover_part', 'light']),
            $stint->depth_ft,
            $stint->cast_count,
            null,
            array_values($stint->contacts->map(static fn (Contact $c) => $c->logged())->all()),
            $stint->water_depth_ft,
            $stint->weight_oz,
            $stint->length_in,
        ))->all());
    }

    /**
     * Towed lines with their contacts as the core weighs them. A line that is in the water counts until something was logged last.
     *
     * @param  Collection<int, self>  $stints
     * @return list<TrolledRun>
     */
    public static function towed(Collection $stints): array
    {
        $towed = $stints->whereNotNull('line');
        if ($towed->isEmpty()) {
            return [];
        }
        $last = $stints->flatMap(static fn (self $s): array => [$s->started_at, $s->lifted_at, ...$s->contacts->pluck('at')->all()])->filter()->max();

        return array_values($towed->map(static fn (self $s): TrolledRun => new TrolledRun(
            $s->started_at->format('Y-m-d\TH:i:s'), (string) $s->line, Side::tryFrom((string) $s->side) ?? Side::Center,
            Station::tryFrom((string) $s->station) ?? Station::Flat, $s->lure, $s->color, (float) $s->let_out_ft,
            $s->depth_ft, max(0.0, $s->started_at->diffInSeconds($s->lifted_at ?? $last) / 60),
            array_values($s->contacts->map(static fn (Contact $c): Strike => new Strike(
                $c->logged(), max(0.0, $s->started_at->diffInSeconds($c->at) / 60), $c->in_turn === 'yes',
            ))->all()), $s->spot,
        ))->all());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'started_at' => 'datetime', 'lifted_at' => 'datetime', 'depth_ft' => 'float', 'water_depth_ft' => 'float', 'weight_oz' => 'float', 'length_in' => 'float', 'let_out_ft' => 'float',
            'troll_mph' => 'float', 'cast_count' => 'integer', 'followed' => 'boolean',
        ];
    }
}
