<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Models\BoxItem;
use App\Year\BoxBook;
use OldEddy\Choice\Tackle\Tier;

/** The box hung into the water (K3): a line a family, its silhouette at every tier that it fishes, in outline where no model is rated for one. */
final readonly class BoxDrawing
{
    public const LEFT = 84;

    public const COLUMN = 44;

    public const TIER = 46;

    public const FOOT = 150;

    /** @var array<string, array{tiers: list<int>, gaps: list<int>, number: int, colors: list<string>}> by family, shallow ones first */
    public array $families;

    public function __construct(BoxBook $box)
    {
        $order = array_flip(array_map(static fn (Tier $t): string => $t->value, Tier::cases()));
        $families = [];
        foreach ($box->byTier() as $tier => $lures) {
            foreach (array_keys($lures) as $lure) {
                $families[$lure]['tiers'][] = $order[$tier];
            }
        }
        foreach ($box->gaps() as $lure => $missing) {
            $families[$lure]['gaps'] = array_map(static fn (string $t): int => $order[$t], $missing);
        }
        foreach ($families as $lure => $one) {
            $items = $box->items->where('lure', $lure)->where('number', '>', 0);
            $families[$lure] = [
                'tiers' => $one['tiers'] ?? [], 'gaps' => $one['gaps'] ?? [], 'number' => (int) $items->sum('number'),
                'colors' => array_values($items->map(static fn (BoxItem $i): ?string => $i->color)->filter()->unique()->all()),
            ];
        }
        uasort($families, static fn (array $a, array $b): int => [min($a['tiers']), max($a['tiers'])] <=> [min($b['tiers']), max($b['tiers'])]);
        $this->families = $families;
    }

    public function width(): int
    {
        return self::LEFT + self::COLUMN * count($this->families) + 40;
    }

    public static function height(): int
    {
        return self::TIER * count(Tier::cases()) + self::FOOT;
    }

    /** @return list<array{Tier, float}> the tiers and where their silhouettes hang */
    public static function tiers(): array
    {
        return array_map(static fn (Tier $t, int $i): array => [$t, self::at($i)], Tier::cases(), array_keys(Tier::cases()));
    }

    /** Where a family's line hangs. */
    public static function x(int $nth): float
    {
        return self::LEFT + self::COLUMN * ($nth + 0.5);
    }

    /** The middle of a tier. */
    public static function at(int $tier): float
    {
        return self::TIER * ($tier + 0.5);
    }
}
