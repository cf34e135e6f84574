<?php

declare(strict_types=1);

namespace App\Year;

use App\Models\BoxItem;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Tackle\Care;
use OldEddy\Choice\Tackle\Tier;

/** The box laid open (K3, K4): its items by family and depth tier, the gaps, and what asks for care (K1). */
final readonly class BoxBook
{
    /** @var Collection<int, BoxItem> */
    public Collection $items;

    public function __construct(User $angler)
    {
        $items = $angler->items();
        $items->orderBy('lure')->orderBy('color')->orderBy('weight_oz')->orderBy('rated_ft')->orderBy('id');
        $this->items = $items->get();
    }

    /** @return array<string, array<string, list<BoxItem>>> what is there, by tier, by family; the same item stands in every tier it fishes */
    public function byTier(): array
    {
        $by = array_fill_keys(array_map(static fn (Tier $t): string => $t->value, Tier::cases()), []);
        foreach ($this->items as $item) {
            foreach ($item->number > 0 ? Tier::of(Catalog::get($item->lure), $item->rated_ft) : [] as $tier) {
                $by[$tier->value][$item->lure][] = $item;
            }
        }

        return $by;
    }

    /** @return array<string, list<string>> tiers that a family of the box could fish and no model in it does, by family */
    public function gaps(): array
    {
        $gaps = [];
        foreach ($this->items->where('number', '>', 0)->groupBy('lure') as $lure => $items) {
            $missing = Tier::missing(Catalog::get((string) $lure), array_values($items->pluck('rated_ft')->filter()->all()));
            $gaps[(string) $lure] = array_column($missing, 'value');
        }

        return array_filter($gaps);
    }

    /** How many items ask for care; only those of which anything was noted are looked at. */
    public static function asking(User $angler, string $today): int
    {
        $noted = $angler->items()->toBase()->where(static fn (Builder $q) => $q->whereNotNull('cleaned_on')->orWhereNotNull('sharpened_on')->orWhereNotNull('skirt')
            ->orWhereNotNull('treble')->orWhereNotNull('paint'))->get(['lure', 'cleaned_on', 'sharpened_on', 'skirt', 'treble', 'paint']);

        return $noted->filter(static fn (\stdClass $i): bool => Care::due(
            Catalog::get($i->lure), $today, $i->cleaned_on, $i->sharpened_on, $i->skirt, $i->treble, $i->paint,
        ) !== [])->count();
    }

    /** @return array<int, list<string>> what is due, by the id of the item */
    public function due(string $today): array
    {
        return array_filter($this->items->keyBy('id')->map(static fn (BoxItem $i): array => Care::due(
            Catalog::get($i->lure), $today, $i->cleaned_on?->toDateString(), $i->sharpened_on?->toDateString(), $i->skirt, $i->treble, $i->paint,
        ))->all());
    }
}
