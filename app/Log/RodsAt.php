<?php

declare(strict_types=1);

namespace App\Log;

use App\Day\Kept;
use App\Models\RackSlot;
use App\Show\Units;
use App\Show\Word;
use Illuminate\Support\Collection;
use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lineup\Variants;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Log\Next\Presentation;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Plan\FishOn;
use OldEddy\Reading\Reading;

/** The rods as they are fished in one water: how deep and how, in a picture, and what makes sense to change about each. */
final class RodsAt
{
    /** @var array<int, Setup>|null */
    private ?array $setups = null;

    /** @var array<string, Variants>|null */
    private ?array $variants = null;

    /** @param  Collection<int, RackSlot>  $rods */
    public function __construct(public readonly Collection $rods, private readonly Reading $reading)
    {
    }

    /** @return array<int, Setup> as each rod is fished, by its place among the rods */
    public function setups(): array
    {
        return $this->setups ??= $this->rods->map(fn (RackSlot $r): Setup => Setup::of(Catalog::get($r->lure), $this->reading, $r->wish()))->all();
    }

    /** @return array<string, Variants> what makes sense to change, by lure (R22) */
    public function variants(): array
    {
        if ($this->variants === null) {
            $this->variants = [];
            foreach ($this->setups() as $setup) {
                $this->variants[$setup->lure->key] ??= Variants::of($setup->lure, $this->reading, $setup);
            }
        }

        return $this->variants;
    }

    /**
     * The rods as the device shows them.
     *
     * @param  list<string>  $known  keys of slices that need not be sent again
     * @return list<array<string, mixed>>
     */
    public function shown(Units $units, array $known = []): array
    {
        $water = md5(serialize($this->reading->day));

        return array_values($this->rods->map(function (RackSlot $rod, int $i) use ($units, $known, $water): array {
            $setup = $this->setups()[$i];
            // Another slice is drawn when the water, the rod or the units change.
            $key = substr(hash('sha256', implode('/', [$water, $i, serialize($rod->only(RackSlot::PRESENTATION)), (int) $units->metric])), 0, 16);

            return [
                'key' => Presentation::key($rod->lure, $rod->color),
                ...array_filter($rod->only(RackSlot::PRESENTATION), static fn (mixed $v): bool => $v !== null) + $setup->rigged(),
                'name' => Word::of($rod->lure),
                'cadence' => $units->say($setup->cadence->text), 'jobs' => array_map($units->say(...), FishOn::jobs($setup)), 'slice_key' => $key,
                'slice' => in_array($key, $known, true) ? null : $this->slice($setup, "rod-{$i}", $key),
            ];
        })->all());
    }

    /** @return array<string, array<string, list<array{value: string|float, words: string}>>> what makes sense to change, by lure and part */
    public function parts(Units $units): array
    {
        return array_map(static fn (Variants $v): array => self::partsOf($v, $units), $this->variants());
    }

    private function slice(Setup $setup, string $key, string $known): string
    {
        return Kept::of("slice {$known} {$key}", $this->reading->day, static fn (): string => view(
            'partials.slice', ['scene' => Scene::ofSetup($setup), 'key' => $key, 'title' => 'The water and the path of the lure.'],
        )->render());
    }

    /** @return array<string, list<array{value: string|float, words: string}>> */
    private static function partsOf(Variants $variants, Units $units): array
    {
        $words = static fn (array $values, callable $say): array => array_map(static fn (string|float $v): array => ['value' => $v, 'words' => $say($v)], $values);
        $colors = array_map(static fn (ColorChoice $c): string => $c->family->value, $variants->colors);

        return array_filter([
            'color' => $words($colors, Word::of(...)),
            'weight_oz' => $words($variants->weightsOz, $units->weight(...)),
            'length_in' => $words($variants->lengthsIn, $units->size(...)),
            'retrieve' => $words($variants->retrieves, Word::of(...)),
            'cast_kind' => $words($variants->casts, Word::of(...)),
            'depth_ft' => $words($variants->depthsFt, $units->depth(...)),
        ]);
    }
}
