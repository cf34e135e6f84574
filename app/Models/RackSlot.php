<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lineup\Wish;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Log\Next\Presentation;

/**
 * One rigged rod of a day. Several may carry one family, each in a color of its own.
 *
 * @property int $trip_id
 * @property string $lure
 * @property string $color
 * @property float $depth_ft
 * @property string $retrieve
 * @property ?float $weight_oz
 * @property ?float $length_in
 * @property ?string $cast_kind
 */
final class RackSlot extends Model
{
    use AskedOnce;

    /** What is in the hand with this rod (R22). */
    public const PRESENTATION = ['lure', 'color', 'depth_ft', 'retrieve', 'weight_oz', 'length_in', 'cast_kind'];

    /** What tells a rod of a day from another. */
    private const WHICH = ['lure', 'color'];

    protected $table = 'rack_slots';

    protected $fillable = ['trip_id', ...self::PRESENTATION];

    protected $attributes = ['weight_oz' => null, 'length_in' => null, 'cast_kind' => null];

    /**
     * Puts a rod on the rack of a day: once or ten times, it stands there once.
     *
     * @param  array<string, mixed>  $rod  by the fields of PRESENTATION
     */
    public static function rig(Trip $trip, array $rod): void
    {
        $rod += array_fill_keys(self::PRESENTATION, null);
        $changed = array_values(array_diff(self::PRESENTATION, self::WHICH));
        self::query()->upsert(
            [$rod + ['trip_id' => $trip->id, 'created_at' => now(), 'updated_at' => now()]], ['trip_id', ...self::WHICH], [...$changed, 'updated_at'],
        );
    }

    /** A rod with this presentation; where it says no depth, it runs at this one. */
    public static function of(Presentation $shown, ?float $depthFt): self
    {
        return new self(self::said($shown, $depthFt));
    }

    /** @return array<string, mixed> a presentation by the fields of PRESENTATION; where it says no depth, it runs at this one */
    public static function said(Presentation $shown, ?float $depthFt): array
    {
        return [
            'lure' => $shown->lure, 'color' => $shown->color, 'depth_ft' => $shown->depthFt ?? $depthFt, 'retrieve' => $shown->retrieve,
            'weight_oz' => $shown->weightOz, 'length_in' => $shown->lengthIn, 'cast_kind' => $shown->cast,
        ];
    }

    /** What the angler wants done with it. */
    public function wish(): Wish
    {
        return new Wish(weightOz: $this->weight_oz, depthFt: $this->depth_ft, lengthIn: $this->length_in, cadence: $this->retrieve, castKind: $this->cast_kind);
    }

    /** It as it is fished, with how well its lure fits the day. */
    public function presentation(Setup $setup, float $fit): Presentation
    {
        return new Presentation(
            $this->lure, $this->color, $this->retrieve, $setup->cadence->meanSpeedFtS(), Catalog::get($this->lure)->appeal->compact, $fit, $this->depth_ft,
            $this->weight_oz, $this->length_in, Presentation::key($this->lure, $this->color), $this->cast_kind,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['depth_ft' => 'float', 'weight_oz' => 'float', 'length_in' => 'float'];
    }
}
