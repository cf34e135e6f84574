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

    /** @var array<string, array{rods: list<array<string, mixed>>, parts: array<string, array<string, list<array{value: string|float, words: string}>>>}> */
    private array $kept = [];

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
        return array_map(
            static fn (array $rod): array => ['slice' => in_array($rod['slice_key'], $known, true) ? null : $rod['slice']] + $rod, $this->kept($units)['rods'],
        );
    }

    /** @return array<string, array<string, list<array{value: string|float, words: string}>>> what makes sense to change, by lure and part */
    public function parts(Units $units): array
    {
        return $this->kept($units)['parts'];
    }

    /**
     * All of it, kept for a water, its rods and the units.
     *
     * @return array{rods: list<array<string, mixed>>, parts: array<string, array<string, list<array{value: string|float, words: string}>>>}
     */
    private function kept(Units $units): array
    {
        $rods = $this->rods->map(static fn (RackSlot $r): array => $r->only(RackSlot::PRESENTATION))->all();
        $key = hash('xxh128', serialize([$rods, $units->metric]));

        return $this->kept[$key] ??= Kept::of("rods {$key}", $this->reading->day, fn (): array => [
            'rods' => array_values($this->rods->map(fn (RackSlot $rod, int $i): array => $this->rod($rod, $i, $units))->all()),
            'parts' => array_map(static fn (Variants $v): array => self::partsOf($v, $units), $this->variants()),
        ]);
    }

    /** @return array<string, mixed> */
    private function rod(RackSlot $rod, int $i, Units $units): array
    {
        $setup = $this->setups()[$i];
        $shown = $rod->only(RackSlot::PRESENTATION);

        return [
            'key' => Presentation::key($rod->lure, $rod->color),
            ...array_filter($shown, static fn (mixed $v): bool => $v !== null) + $setup->rigged(),
            'name' => Word::of($rod->lure),
            'cadence' => $units->say($setup->cadence->text), 'jobs' => array_map($units->say(...), FishOn::jobs($setup)),
            // Another slice is drawn when the water, the rod or the units change.
            'slice_key' => substr(hash('xxh128', serialize([$this->reading->day, $i, $shown, $units->metric])), 0, 16),
            'slice' => view('partials.slice', ['scene' => Scene::ofSetup($setup), 'key' => "rod-{$i}", 'units' => $units])->render(),
        ];
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
