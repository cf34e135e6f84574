<?php

declare(strict_types=1);

namespace App\Models;

use App\Show\Units;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Mass;
use OldEddy\Day\Season\Species;
use OldEddy\Log\Fish\StandardWeight;

/**
 * What one fish did.
 *
 * @property string $id
 * @property int $trip_id
 * @property string $stint_id
 * @property Carbon $at
 * @property string $kind
 * @property int $at_cast
 * @property ?string $species
 * @property ?float $length_in
 * @property ?string $hooked
 * @property ?string $forage seen or spat up
 * @property ?float $depth_ft
 * @property ?float $weight_lb
 * @property ?string $lost_by
 * @property ?string $cover
 * @property ?string $cover_part
 * @property ?string $light
 * @property ?float $lat
 * @property ?float $lon
 */
final class Contact extends Model
{
    use CastsOnce;
    use HasUuids;
    use SoftDeletes;

    protected $fillable = [
        'id', 'trip_id', 'stint_id', 'at', 'kind', 'at_cast', 'species', 'length_in', 'hooked', 'forage', 'depth_ft', 'cover', 'cover_part', 'light',
        'lat', 'lon', 'weight_lb', 'lost_by',
    ];

    /** About what the fish weighed, from its length; its species is the day's unless the log says otherwise (rule D10). */
    public function weight(string $speciesOfTheDay): ?Mass
    {
        return $this->length_in === null ? null : StandardWeight::of(Species::from($this->species ?? $speciesOfTheDay), Length::fromInches($this->length_in));
    }

    /** Its length or depth as a form shows it, in the angler's units; empty where it was not said. */
    public function shown(string $field, Units $units): string
    {
        return match (true) {
            $field === 'length' && $this->length_in !== null => (string) $units->showSize($this->length_in),
            $field === 'depth' && $this->depth_ft !== null => (string) $units->show('depth', $this->depth_ft),
            default => '',
        };
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'length_in' => 'float', 'depth_ft' => 'float', 'weight_lb' => 'float', 'lat' => 'float', 'lon' => 'float', 'at_cast' => 'integer'];
    }
}
