<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Layer;
use App\Models\Pieces;
use App\Waters\Files\OwnGrid;
use Illuminate\Support\Facades\DB;
use OldEddy\Contract\SketchReader;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Lake\Shoreline;
use OldEddy\Where\Sketch\Kind;
use OldEddy\Where\Sketch\Sketch;
use OldEddy\Where\Sketch\SketchGrid;
use OldEddy\Where\Sketch\Thing;

/**
 * The sheet a water is drawn on. What is drawn becomes a file of the lake like any other, a layer; the drawing itself is kept beside
 * it, so that it can be gone on with.
 */
final class SketchBook
{
    public const LAYER = 'The sketch';

    /** Docks of which nothing was said but where they stand, feet. Basis: own choice. */
    private const DOCK_FT = ['inside_ft' => 3.0, 'outside_ft' => 7.0];

    public function __construct(private readonly Lake $lake)
    {
    }

    /** @return array<string, mixed>|null the drawing as it was left, with its number */
    public function drawing(): ?array
    {
        $kept = Lake::query()->whereKey($this->lake->id)->value('sketch');

        return $kept === null ? null : json_decode((string) $kept, true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * Keeps a drawing and makes the lake of it.
     *
     * @param  array<array-key, mixed>  $drawing  as the contract of a sketch has it
     * @param  array<string, mixed>  $beside  what the sheet remembers besides: its number, where the picture under it lies
     *
     * @throws \OldEddy\Basics\Problem\InvalidInput by field
     * @throws Files\Refused where the lake cannot be made of it
     */
    public function keep(array $drawing, array $beside): string
    {
        $sketch = SketchReader::read($drawing);
        $path = (string) tempnam(sys_get_temp_dir(), 'old-eddy-sketch');
        try {
            file_put_contents($path, implode('', iterator_to_array($this->file($sketch), false)));
            $layers = new Layers($this->lake);

            return DB::transaction(function () use ($layers, $path, $sketch, $drawing, $beside): string {
                $layer = $this->layer();
                if ($layer === null) {
                    $layer = $layers->add(self::LAYER, $path, ['shore' => 'cut', 'sketch' => true]);
                } else {
                    $this->move($layer, $sketch);
                    Pieces::ofLayer($layer->id)->drop();
                    LayerFile::keep($layer, $path);
                    $layer->update(['state' => Layer::WAITING, 'problem' => null]);
                }
                $sketch->things === [] ? $this->emptied($layers, $layer) : $layers->read($layer);
                $this->castLines($sketch);
                Lake::query()->whereKey($this->lake->id)->update(['sketch' => json_encode(['drawing' => $drawing] + $beside, JSON_THROW_ON_ERROR)]);

                return sprintf('%d things, %d of them spots.', count($sketch->things), count($sketch->names()));
            });
        } finally {
            unlink($path);
        }
    }

    /** The layer that the drawing became; null before it was kept. */
    public function layer(): ?Layer
    {
        return $this->lake->layers()->where('understood->sketch', true)->first();
    }

    /** The picture under the sheet; null where there is none. */
    public function picture(): ?Layer
    {
        return Layer::query()->where('lake_id', $this->lake->id)->where('state', Layer::PICTURE)->first();
    }

    /** Puts a picture under the sheet, in the place of the one that was there. */
    public function lay(string $path, string $name): Layer
    {
        return DB::transaction(function () use ($path, $name): Layer {
            $this->picture()?->delete();
            $layer = Layer::query()->create(['lake_id' => $this->lake->id, 'name' => mb_substr($name, 0, 120), 'state' => Layer::PICTURE]);
            LayerFile::keep($layer, $path);

            return $layer;
        });
    }

    private function emptied(Layers $layers, Layer $layer): void
    {
        $layer->update(['state' => Layer::LAID]);
        $layers->drop($layer);
    }

    /** Spots that were drawn elsewhere now are the same spots: what was fished there stays theirs. Those that were rubbed out and never fished go. */
    private function move(Layer $layer, Sketch $sketch): void
    {
        $names = $sketch->names();
        foreach ($names as $i => $name) {
            $at = $sketch->position($sketch->things[$i]->points[0]);
            LakeSpot::query()->where('layer_id', $layer->id)->where('name', $name)->update(['lat' => round($at->lat, 7), 'lon' => round($at->lon, 7)]);
        }
        LakeSpot::neverFished()->where('layer_id', $layer->id)->whereNotIn('name', $names)->delete();
    }

    private function castLines(Sketch $sketch): void
    {
        foreach ($sketch->names() as $i => $name) {
            $line = $sketch->castAt($sketch->things[$i]);
            if ($line !== null) {
                Lake::spotNamed($this->lake->id, $name)?->update(['cast_line' => CastLines::told($line, 'drawn', null)]);
            }
        }
    }

    /** @return iterable<string> the drawing as the GeoJSON that comes in as a layer */
    private function file(Sketch $sketch): iterable
    {
        yield '{"type":"FeatureCollection","features":[';
        $first = true;
        foreach ($this->features($sketch) as [$about, $geometry]) {
            yield ($first ? '' : ",\n").json_encode(['type' => 'Feature', 'properties' => $about, 'geometry' => $geometry], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
            $first = false;
        }
        yield ']}';
    }

    /** @return iterable<array{array<string, mixed>, ?array<string, mixed>}> properties and geometry */
    private function features(Sketch $sketch): iterable
    {
        $grid = SketchGrid::of($sketch);
        foreach ($grid === null ? [] : OwnGrid::write($grid) as $rows) {
            yield [$rows, null];
        }
        foreach (Shoreline::polygons(array_map($sketch->line(...), $sketch->of(Kind::Shore, Kind::Island))) as $polygon) {
            yield [['kind' => 'shoreline'], ['type' => 'Polygon', 'coordinates' => $polygon]];
        }
        $names = $sketch->names();
        foreach ($sketch->things as $i => $thing) {
            $line = $sketch->line($thing);
            $closed = [...$line, $line[0]];
            $feature = match ($thing->kind) {
                Kind::Ramp => [['kind' => 'ramp'], ['type' => 'Point', 'coordinates' => $line[0]]],
                Kind::Section => [['kind' => 'section', 'name' => $thing->name], ['type' => 'Polygon', 'coordinates' => [$closed]]],
                Kind::NoWake => [['kind' => 'no_wake'], ['type' => 'Polygon', 'coordinates' => [$closed]]],
                Kind::Bank => [['kind' => 'bank', 'height_ft' => $thing->feet], ['type' => 'LineString', 'coordinates' => $line]],
                Kind::Dock, Kind::Creek, Kind::Spot => [['name' => $names[$i]] + $this->about($sketch, $thing), ['type' => 'Point', 'coordinates' => $line[0]]],
                default => null,
            };
            if ($feature !== null) {
                yield $feature;
            }
        }
    }

    /** @return array<string, mixed> what a spot of the sheet is */
    private function about(Sketch $sketch, Thing $thing): array
    {
        if ($thing->kind === Kind::Dock) {
            $outer = $thing->points[1] ?? null;
            $long = $outer === null ? null : $sketch->position($thing->points[0])->feetTo($sketch->position($outer));

            return [
                'structure' => Structure::Dock->value, 'cover' => [Cover::Dock->value],
                'dock' => ['kind' => DockKind::Floating->value, ...self::DOCK_FT, 'walkway_ft' => $long === null ? SpotSheet::USUAL_WALKWAY_FT : round($long, 1)],
            ] + ($outer === null ? [] : ['bank_faces_deg' => round($sketch->position($thing->points[0])->bearingTo($sketch->position($outer)), 1)]);
        }

        return array_filter([
            'structure' => $thing->kind === Kind::Creek ? Structure::CreekMouth->value : $thing->structure?->value,
            'cover' => $thing->cover === null ? null : [$thing->cover->value],
        ]) + ($thing->feet === null ? [] : ['shallow_ft' => $thing->feet, 'deep_ft' => $thing->feet]);
    }
}
