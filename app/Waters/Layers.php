<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Layer;
use App\Models\Question;
use App\Waters\Files\AnyFile;
use App\Waters\Files\Found;
use App\Waters\Files\Home;
use App\Waters\Files\OwnGrid;
use App\Waters\Files\Refused;
use App\Waters\Files\Understanding;
use App\Waters\Foreign\NeedsAnswer;
use App\Waters\Foreign\Prepared;
use App\Waters\Foreign\SeveralKinds;
use Closure;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Shoreline;

/**
 * The layers of a lake: each file that was given is one. A file is read and understood first; then it is laid, and what
 * the lake is known to be is made anew of all layers that are laid.
 */
final class Layers
{
    public const MOST_SPOTS = 2000;

    public const MOST_POINTS = 500_000;

    /** Points of tracks that are drawn on the plan. */
    private const DRAWN_POINTS = 4000;

    /** A shoreline that leaves more of the known water dry than this may be a wrong one. */
    private const DRIED = 0.3;

    /** Cells of a lake of which nothing but the shoreline is known. */
    private const OUTLINE_CELLS = 60_000;

    private const TELL_EVERY = 50_000;

    /** @var list<int> layers that a file of several things became besides, which wait to be read */
    public array $more = [];

    /** @param  ?Closure(int): void  $tell  is told now and then how much was read */
    public function __construct(private readonly Lake $lake, private readonly ?Closure $tell = null)
    {
    }

    /** @param  array<string, mixed>  $said */
    public function add(string $name, string $path, array $said = []): Layer
    {
        $this->keepWhatWasThere();

        return DB::transaction(function () use ($name, $path, $said): Layer {
            $layer = Layer::query()->create(['lake_id' => $this->lake->id, 'name' => mb_substr(trim($name), 0, 120) ?: 'A file', 'understood' => $said]);
            LayerFile::keep($layer, $path);

            return $layer;
        });
    }

    /**
     * Reads a layer to its end; lays it when nothing is left open, unless the angler wants to look first.
     *
     * @return string what became of it, in words
     *
     * @throws Refused for a file that cannot be taken in
     */
    public function read(Layer $layer): string
    {
        $survey = new Survey;
        try {
            [$words, $questions, $isForeign] = LayerFile::readable($layer, function (Prepared $file) use ($survey, $layer): array {
                $home = $this->home($layer);
                [$u, $questions] = $this->look($file, $home);
                $this->survey($layer, $file->path, $u, $survey, $home);

                return [[...$file->words, ...$u->words(), ...$survey->leftOut()], $questions, $file->isForeign()];
            });
        } catch (NeedsAnswer $e) {
            $layer->fill(['found' => ['words' => $e->words], 'questions' => []]);

            return self::asks($layer, $e->questions);
        } catch (SeveralKinds $e) {
            return $this->parted($layer, $e->kinds);
        }
        $layer->fill(['found' => $survey->toArray() + ['words' => $words], 'questions' => []]);
        // What another program read for us is looked at once before it is kept.
        $looks = ($layer->understood['look'] ?? '') !== '' || ($isForeign && ! isset($layer->understood['seen']));

        return $questions !== [] || $looks ? self::asks($layer, $questions) : $this->lay($layer);
    }

    /** Lays a layer: its spots are marked, and the lake is made anew with it; both or neither. */
    public function lay(Layer $layer): string
    {
        $made = $this->made($layer);
        if (! isset($layer->understood['shore']) && ($layer->found['count']['ring'] ?? 0) > 0 && $made->dried() > self::DRIED) {
            return self::asks(
                $layer,
                [new Question(
                    'shore',
                    sprintf('This shoreline leaves %d %% of the depths that are known dry. Is it the shoreline of this lake?', round(100 * $made->dried())),
                    ['cut' => 'yes: what lies outside is land', 'draw' => 'draw it, and leave the depths alone'],
                    'draw',
                )],
            );
        }
        if (($layer->found['count']['sounding'] ?? 0) > 0 && $made->grid() === null) {
            throw new Refused('At least three soundings in different places are needed to make a bottom.');
        }

        return DB::transaction(function () use ($layer, $made): string {
            $layer->fill(['state' => Layer::LAID, 'problem' => null])->save();

            return $this->keep($made, $layer);
        });
    }

    /**
     * A file of several things becomes a layer for each: this one is read for the first, the rest wait for their turn.
     *
     * @param  non-empty-array<string, string>  $kinds
     */
    private function parted(Layer $layer, array $kinds): string
    {
        $name = $layer->name;
        DB::transaction(function () use ($layer, $kinds, $name): void {
            foreach ($kinds as $kind => $words) {
                $said = ['kind' => (string) $kind] + ($layer->understood ?? []);
                if ($kind === array_key_first($kinds)) {
                    $layer->update(['understood' => $said, 'name' => mb_substr("{$name}: {$words}", 0, 120)]);

                    continue;
                }
                $other = Layer::query()->create(['lake_id' => $this->lake->id, 'name' => mb_substr("{$name}: {$words}", 0, 120), 'understood' => $said]);
                LayerFile::with($layer, static function (string $path) use ($other): void {
                    LayerFile::keep($other, $path);
                });
                $this->more[] = $other->id;
            }
        });

        return $this->read($layer);
    }

    /** Takes a layer out; what came with it goes, what was changed by hand meanwhile as well, and all of it can come back. */
    public function takeOut(Layer $layer): void
    {
        DB::transaction(function () use ($layer): void {
            $layer->update(['state' => Layer::OUT]);
            LakeSpot::query()->where('layer_id', $layer->id)->where('out_with', 0)->update(['out_with' => $layer->id]);
            $this->keep($this->made(), null);
        });
    }

    /** Puts a layer back that was taken out. */
    public function putBack(Layer $layer): void
    {
        DB::transaction(function () use ($layer): void {
            $layer->update(['state' => Layer::LAID]);
            $names = new SpotNames($this->lake);
            foreach (LakeSpot::query()->where('out_with', $layer->id)->get() as $spot) {
                $spot->update(['name' => $names->free($spot->name), 'out_with' => 0]);
            }
            $this->keep($this->made(), null);
        });
    }

    /** Throws a layer away, with the spots that came with it and were never fished. */
    public function drop(Layer $layer): void
    {
        if ($layer->state === Layer::LAID) {
            $this->takeOut($layer);
        }
        LakeSpot::neverFished()->where('out_with', $layer->id)->delete();
        $layer->delete();
    }

    /** The lake made anew of its layers, where nothing but its cells was changed. */
    public function makeAnew(): void
    {
        $this->keepWhatWasThere();
        DB::transaction(fn (): string => $this->keep($this->made(), null));
    }

    /** @return array{Understanding, list<Question>} how the layer's file is read, with what it leaves open */
    private function look(Prepared $file, Home $home): array
    {
        return AnyFile::look($file->path, $file->said, $home, $this->lake->user->isMetric() ? 'm' : 'ft');
    }

    private function survey(Layer $layer, string $path, Understanding $u, Survey $survey, Home $home): void
    {
        $points = $spots = 0;
        foreach (AnyFile::read($path, $u) as $found) {
            if ($found->what !== 'lake' && $found->what !== 'left') {
                $home = $this->near($found, $home);
            }
            $spots += $found->what === 'spot' ? 1 : 0;
            $points += $found->what === 'track' ? 1 : count($found->ring);
            if ($spots > self::MOST_SPOTS || $points > self::MOST_POINTS) {
                throw new Refused(
                    sprintf(
                        'The file has more than %s spots or %s points of shoreline and tracks. Part it into several files.',
                        number_format(self::MOST_SPOTS),
                        number_format(self::MOST_POINTS),
                    ),
                );
            }
            $survey->see($found);
            if ($survey->seen() % self::TELL_EVERY === 0) {
                $this->told($layer, $survey->seen());
            }
        }
        if ($survey->seen() === 0) {
            throw new Refused('Nothing in this file is understood as spots, depths, shoreline or tracks.');
        }
    }

    /** Where the lake lies, once it is known that this lies there as well: with each of its corners. */
    private function near(Found $found, Home $home): Home
    {
        foreach ($found->ring === [] ? [[$found->lon, $found->lat]] : $found->ring as [$lon, $lat]) {
            if (! $home->takes($lat, $lon)) {
                throw new Refused($home->refusal($lat, $lon));
            }
            $home = $home->or($lat, $lon);
        }
        $problem = $found->what === 'ring' ? Shoreline::problem($found->ring) : null;
        if ($problem !== null) {
            throw new Refused(sprintf('The outline at %.5f, %.5f is no shoreline: %s.', $found->lat, $found->lon, $problem));
        }

        return $home;
    }

    private function told(Layer $layer, int $read): void
    {
        $layer->update(['things_read' => $read, 'heard_at' => now()]);
        if ($this->tell !== null) {
            ($this->tell)($read);
        }
    }

    /** What the layers that are laid make of the lake, with one that is to be laid. */
    private function made(?Layer $new = null): MadeLake
    {
        $made = new MadeLake((float) $this->lake->cell_m);
        $laid = $this->lake->layers()->where('state', Layer::LAID)->where('id', '!=', $new->id ?? 0)->get();
        foreach ($new === null ? $laid : $laid->push($new)->sortBy('id') as $layer) {
            LayerFile::readable($layer, function (Prepared $file) use ($layer, $made): void {
                [$u] = $this->look($file, $this->home($layer));
                $rows = [];
                $made->begin($u->cuts);
                $read = 0;
                try {
                    foreach (AnyFile::read($file->path, $u) as $found) {
                        if ($found->grid !== null) {
                            $rows[] = $found->grid;
                        } else {
                            $made->take($found);
                        }
                        if (++$read % self::TELL_EVERY === 0) {
                            $this->told($layer, $read);
                        }
                    }
                    if ($rows !== []) {
                        $made->takeGrid(OwnGrid::joined($rows));
                    }
                } catch (InvalidArgumentException $e) {
                    throw new Refused("{$layer->name}: ".$e->getMessage().sprintf(' (after %s things read).', number_format($read)));
                }
            });
        }

        return $made;
    }

    /** Writes what was made, and the spots of a layer that is new. */
    private function keep(MadeLake $made, ?Layer $new): string
    {
        Lake::query()->whereKey($this->lake->id)->lockForUpdate()->first();
        [$grid, $exact] = [$made->grid(), $made->exactCellM()];
        $about = $new === null ? [] : $made->about();
        $this->lake->update([
            'shoreline' => $made->rings() ?: null, 'sections' => $made->sections() ?: ($this->lake->sections ?: null),
            'no_wake' => $made->noWake() ?: null, 'banks' => $made->banks() ?: null,
            'tracks' => self::thinned($made->tracks()) ?: null,
            'all_tracks' => $made->tracks() === [] ? null : gzdeflate(json_encode($made->tracks(), JSON_THROW_ON_ERROR), 3),
            ...($exact === null ? [] : ['cell_m' => $exact]),
            ...(isset($about['ramp']) ? ['ramp_lat' => $about['ramp'][0], 'ramp_lon' => $about['ramp'][1]] : []),
            ...(isset($about['dropped']) ? ['dropped' => array_values(array_unique([...($this->lake->dropped ?? []), ...$about['dropped']]))] : []),
        ]);
        $this->lake->keepGrid($grid ?? self::outline($made->rings()));
        if ($new === null) {
            return '';
        }
        $spots = $this->spots($new);
        $count = $new->found['count'] ?? [];
        $words = [];
        foreach ([
            'spot' => 'spot', 'sounding' => isset($new->understood['sketch']) ? 'cell of known depth' : 'sounding', 'ring' => 'ring of shoreline', 'tracks' => 'track', 'section' => 'name of a section',
        ] as $key => $one) {
            $n = $count[$key] ?? 0;
            if ($n > 0) {
                $words[] = number_format($n).' '.($n === 1 ? $one : (string) preg_replace('/^\w+/', '$0s', $one)).($key === 'spot' && $spots['known'] > 0 ? " ({$spots['known']} of them known already)" : '');
            }
        }
        $words = implode(', ', $words).'.';
        $new->update(['questions' => null, 'found' => ['said' => $words] + ($new->found ?? [])]);

        return $words;
    }

    /** @return array{new: int, known: int} */
    private function spots(Layer $layer): array
    {
        // Laid again after it was understood otherwise: what it brought before, and nobody touched, goes.
        LakeSpot::neverFished()->where('layer_id', $layer->id)->where('origin', 'file')->whereColumn('updated_at', 'created_at')->delete();
        $count = ['new' => 0, 'known' => 0];
        // A file of soundings is long, and was read twice already.
        if (($layer->found['count']['spot'] ?? 0) === 0) {
            return $count;
        }

        return LayerFile::readable($layer, function (Prepared $file) use ($layer, $count): array {
            [$u] = $this->look($file, $this->home($layer));
            $names = new SpotNames($this->lake);
            foreach (AnyFile::read($file->path, $u) as $found) {
                if ($found->what === 'spot') {
                    $count[SpotOfFile::keep($this->lake, $layer, $names, $found) ? 'new' : 'known']++;
                }
            }

            return $count;
        });
    }

    /** Where the lake lies, as far as it is known without this layer. */
    private function home(Layer $layer): Home
    {
        $other = Layer::query()->where('lake_id', $this->lake->id)->where('state', Layer::LAID)->where('id', '!=', $layer->id)->orderBy('id')->first();
        $box = $other?->found['box'] ?? null;
        if ($box !== null) {
            return new Home(($box[1] + $box[3]) / 2, ($box[0] + $box[2]) / 2);
        }
        $spot = $this->lake->spots()->where(static fn ($q) => $q->whereNull('layer_id')->orWhere('layer_id', '!=', $layer->id))->first();

        return match (true) {
            $spot !== null => new Home($spot->lat, $spot->lon),
            $this->lake->ramp_lat !== null => new Home($this->lake->ramp_lat, $this->lake->ramp_lon),
            default => new Home,
        };
    }

    /** A lake from before there were layers, or one that was drawn by the demo: what is known of it becomes its first layer. */
    public function keepWhatWasThere(): void
    {
        if ($this->lake->fullGrid() === null && ($this->lake->shoreline ?? []) === [] || $this->lake->layers()->exists()) {
            return;
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'old-eddy-lake');
        file_put_contents($path, implode('', iterator_to_array(GiveOut::geoJson($this->lake, false), false)));
        try {
            DB::transaction(function () use ($path): void {
                $layer = Layer::query()->create(
                    ['lake_id' => $this->lake->id, 'name' => 'What was known before', 'state' => Layer::LAID, 'understood' => ['shore' => 'cut']],
                );
                LayerFile::keep($layer, $path);
                $survey = new Survey;
                foreach (AnyFile::read($path, new Understanding('geojson')) as $found) {
                    $survey->see($found);
                }
                $layer->update(['found' => $survey->toArray() + ['words' => []]]);
            });
        } finally {
            unlink($path);
        }
    }

    /** @param  list<Question>  $questions */
    private static function asks(Layer $layer, array $questions): string
    {
        $layer->fill(['state' => Layer::ASKS, 'questions' => array_map(static fn (Question $q): array => get_object_vars($q), $questions)])->save();

        return "{$layer->name}: something has to be said before it is taken in.";
    }

    /**
     * @param  list<list<array{float, float}>>  $tracks
     * @return list<list<array{float, float}>>
     */
    private static function thinned(array $tracks): array
    {
        $every = max(1, (int) ceil(array_sum(array_map(count(...), $tracks)) / self::DRAWN_POINTS));

        return array_map(
            static fn (array $track): array => array_values(
                array_filter($track, static fn (int $i): bool => $i % $every === 0 || $i === count($track) - 1, ARRAY_FILTER_USE_KEY),
            ),
            $tracks,
        );
    }

    /**
     * A lake of which nothing but the shoreline is known: land outside, unknown inside.
     *
     * @param  list<list<array{float, float}>>  $rings
     */
    private static function outline(array $rings): ?DepthGrid
    {
        if ($rings === []) {
            return null;
        }
        [$lons, $lats] = [array_column(array_merge(...$rings), 0), array_column(array_merge(...$rings), 1)];
        $east = (max($lons) - min($lons)) * DepthGrid::METRES_PER_DEGREE * cos(deg2rad(max($lats)));
        $south = (max($lats) - min($lats)) * DepthGrid::METRES_PER_DEGREE;
        $cell = max(1.0, sqrt($east * $south / self::OUTLINE_CELLS));
        [$cols, $rows] = [(int) ceil($east / $cell) + 1, (int) ceil($south / $cell) + 1];

        return Shoreline::cut(new DepthGrid(max($lats), min($lons), $cell, $cols, $rows, array_fill(0, $cols * $rows, null)), $rings);
    }
}
