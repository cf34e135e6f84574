<?php

declare(strict_types=1);

namespace App\Models;

use App\Show\Units;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use OldEddy\Day\Season\ColdwaterGuest;
use OldEddy\Log\Evidence\Contact as LoggedContact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Hooked;
use OldEddy\Log\Evidence\LostBy;
use OldEddy\Log\Fish\BagFish;
use OldEddy\Log\Fish\Weighed;
use OldEddy\Log\Fish\WeighedBy;

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
 * @property ?float $weight_lb as typed
 * @property ?string $weighed_by scale or eye
 * @property ?float $girth_in
 * @property ?string $kept yes, where it was kept knowingly; all others were let go
 * @property ?string $lost_by
 * @property ?string $cover
 * @property ?string $cover_part
 * @property ?string $light
 * @property ?float $lat
 * @property ?float $lon
 * @property ?float $troll_mph how fast the boat towed the line that was struck
 * @property ?float $heading_deg and where it headed
 * @property ?string $in_turn yes, where it was turning
 */
final class Contact extends Model
{
    use AskedOnce;
    use HasUuids;
    use SoftDeletes;

    protected $table = 'contacts';

    protected $fillable = [
        'id', 'trip_id', 'stint_id', 'at', 'kind', 'at_cast', 'species', 'length_in', 'hooked', 'forage', 'depth_ft', 'cover', 'cover_part', 'light',
        'lat', 'lon', 'weight_lb', 'lost_by', 'weighed_by', 'girth_in', 'kept', 'troll_mph', 'heading_deg', 'in_turn',
    ];

    /** What the fish weighed, as surely as what was taken of it says (Y6); its species is the day's unless the log says otherwise. */
    public function weighed(string $speciesOfTheDay): ?Weighed
    {
        return Weighed::of(
            ColdwaterGuest::fish($this->species ?? $speciesOfTheDay), $this->length_in, $this->girth_in, $this->weight_lb,
            $this->weighed_by === null ? null : WeighedBy::from($this->weighed_by),
        );
    }

    /** It as it counts for the bag. */
    public function forBag(string $speciesOfTheDay): BagFish
    {
        $species = ColdwaterGuest::fish($this->species ?? $speciesOfTheDay);

        return new BagFish($this->id, $species, $this->length_in, $this->weighed($speciesOfTheDay), $this->kept === 'yes');
    }

    /** It as the core weighs it. */
    public function logged(): LoggedContact
    {
        return new LoggedContact(
            ContactKind::from($this->kind), $this->species, $this->length_in, $this->hooked === null ? null : Hooked::from($this->hooked), $this->at_cast,
            $this->depth_ft, $this->weight_lb, $this->lost_by === null ? null : LostBy::from($this->lost_by),
        );
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
        return ['at' => 'datetime', 'length_in' => 'float', 'depth_ft' => 'float', 'weight_lb' => 'float', 'girth_in' => 'float', 'lat' => 'float', 'lon' => 'float', 'at_cast' => 'integer', 'troll_mph' => 'float', 'heading_deg' => 'float'];
    }
}
