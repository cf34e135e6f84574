<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use OldEddy\Contract\BoxReader;

/**
 * One item of an angler's box (rule K4). What the pages of a day need of the box is kept with the angler, so that none of them asks for it.
 *
 * @property int $id
 * @property int $user_id
 * @property string $lure the key of its family
 * @property ?string $name the angler's own
 * @property ?string $color the key of a family of colors
 * @property ?string $color_name the angler's own
 * @property ?float $weight_oz
 * @property ?float $length_in
 * @property ?float $rated_ft
 * @property ?string $hook
 * @property int $number
 * @property ?Carbon $cleaned_on
 * @property ?Carbon $sharpened_on
 * @property ?string $skirt
 * @property ?string $treble
 * @property ?string $paint
 * @property ?Carbon $lost_on the day on which the last one was lost
 * @property User $user
 */
final class BoxItem extends Model
{
    use AskedOnce;

    /** What the lineup asks of an item. */
    private const ASKED = ['lure', 'color', 'color_name', 'weight_oz', 'length_in', 'rated_ft'];

    /** What it is. */
    public const FIELDS = ['lure', 'name', 'color', 'color_name', 'weight_oz', 'length_in', 'rated_ft', 'hook', 'number'];

    /** All that can be said of one: what it is, and its state. */
    public const SAID = [...self::FIELDS, 'cleaned_on', 'sharpened_on', 'skirt', 'treble', 'paint'];

    protected $table = 'box_items';

    protected $fillable = [...self::SAID, 'ask', 'lost_on'];

    protected $attributes = [
        'name' => null, 'color' => null, 'color_name' => null, 'weight_oz' => null, 'length_in' => null, 'rated_ft' => null, 'hook' => null, 'number' => 1,
        'cleaned_on' => null, 'sharpened_on' => null, 'skirt' => null, 'treble' => null, 'paint' => null, 'lost_on' => null,
    ];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** One of an angler's own items. */
    public static function find(User $angler, int $id): ?self
    {
        return $angler->items()->whereKey($id)->first();
    }

    /** One of a family in a color is lost: the id of the item it was, where there is such a one left. */
    public static function lose(User $angler, string $lure, string $color, string $on): ?int
    {
        $held = $angler->items()->where('lure', $lure)->where('number', '>', 0);
        $held->orderByRaw('color = ? desc', [$color])->orderByDesc('number');
        $item = $held->first();
        $item?->update(['number' => $item->number - 1, 'lost_on' => $item->number === 1 ? $on : null]);

        return $item?->id;
    }

    public function foundAgain(): void
    {
        $this->update(['number' => $this->number + 1, 'lost_on' => null]);
    }

    /** Keeps with the angler what the lineup asks of the box. */
    public static function keepFor(User $angler): void
    {
        $items = $angler->items()->where('number', '>', 0);
        $items->orderBy('id');
        $held = $items->get(self::ASKED);
        $told = static fn (self $i): array => array_filter($i->only(self::ASKED), static fn (mixed $v): bool => $v !== null);
        $box = $held->map($told)->unique()->take(BoxReader::MOST)->values()->all();
        User::query()->whereKey($angler->id)->update(['box' => $box === [] ? null : json_encode($box)]);
        $angler->forceFill(['box' => $box === [] ? null : $box])->syncOriginalAttributes(['box']);
    }

    protected static function booted(): void
    {
        self::saved(static fn (self $item) => self::keepFor($item->user));
        self::deleted(static fn (self $item) => self::keepFor($item->user));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'weight_oz' => 'float', 'length_in' => 'float', 'rated_ft' => 'float', 'number' => 'integer', 'cleaned_on' => 'date', 'sharpened_on' => 'date',
            'lost_on' => 'date',
        ];
    }
}
