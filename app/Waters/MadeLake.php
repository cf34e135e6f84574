<?php

declare(strict_types=1);

namespace App\Waters;

use App\Waters\Files\Found;
use InvalidArgumentException;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Shoreline;
use OldEddy\Where\Lake\Soundings;

/** A lake in the making: layer after layer is taken in, the newest shoreline counts. */
final class MadeLake
{
    private readonly Soundings $soundings;

    /** @var list<DepthGrid> */
    private array $grids = [];

    /** @var list<list<array{float, float}>> */
    private array $rings = [];

    /** @var list<list<array{float, float}>> longitude, latitude */
    private array $tracks = [];

    /** @var array<string, int> */
    private array $trackSeen = [];

    /** @var array<string, array{name: string, lat: float, lon: float, ring?: list<array{float, float}>}> */
    private array $sections = [];

    /** @var array<string, list<array{float, float}>> by what they are */
    private array $noWake = [];

    /** @var array<string, array{line: list<array{float, float}>, height_ft: float, setback_ft: float}> */
    private array $banks = [];

    /** @var array<string, mixed> */
    private array $about = [];

    private bool $cuts = true;

    private bool $ringsAreOld = true;

    private bool $nextCuts = true;

    private ?DepthGrid $whole = null;

    private ?DepthGrid $uncut = null;

    private bool $isDone = false;

    public function __construct(float $cellM)
    {
        $this->soundings = new Soundings($cellM);
    }

    /** Another layer begins. */
    public function begin(bool $cuts): void
    {
        $this->endTrack();
        [$this->ringsAreOld, $this->nextCuts] = [true, $cuts];
        $this->about = [];
    }

    /** @throws InvalidArgumentException for a sounding that cannot be one of this lake */
    public function take(Found $found): void
    {
        switch ($found->what) {
            case 'sounding':
                $this->soundings->add($found->lat, $found->lon, $found->depthFt);
                break;
            case 'ring':
                if ($this->ringsAreOld) {
                    [$this->rings, $this->cuts, $this->ringsAreOld] = [[], $this->nextCuts, false];
                }
                $this->rings[] = $found->ring;
                break;
            case 'track':
                if ($found->about['first'] || $this->tracks === []) {
                    $this->endTrack();
                    $this->tracks[] = [];
                }
                $this->tracks[count($this->tracks) - 1][] = [round($found->lon, 6), round($found->lat, 6)];
                break;
            case 'section':
                $this->sections[$found->about['name']] = ['name' => $found->about['name'], 'lat' => $found->lat, 'lon' => $found->lon]
                    + ($found->ring === [] ? [] : ['ring' => $found->ring]);
                break;
            case 'no_wake':
                $this->noWake[serialize($found->ring)] = $found->ring;
                break;
            case 'bank':
                $this->banks[serialize($found->ring)] = ['line' => $found->ring, 'height_ft' => $found->about['height_ft'], 'setback_ft' => $found->about['setback_ft']];
                break;
            case 'lake':
                $this->about = [...$this->about, ...self::sane($found->about)];
        }
    }

    public function takeGrid(DepthGrid $grid): void
    {
        $this->grids[] = $grid;
    }

    /** The depths, cut by the shoreline; null where none is known. */
    public function grid(): ?DepthGrid
    {
        $this->finish();

        return $this->whole;
    }

    /** How much of the known water the shoreline makes land, 0 to 1. */
    public function dried(): float
    {
        $this->finish();

        return $this->uncut === null || ! $this->cuts || $this->rings === [] ? 0.0 : $this->uncut->driedBy(Shoreline::cut($this->uncut, $this->rings));
    }

    /** The cells of the one grid that is all that is known of the depths, metres; else null. */
    public function exactCellM(): ?float
    {
        return count($this->grids) === 1 && $this->soundings->taken() === 0 ? $this->grids[0]->cellM : null;
    }

    /** @return list<list<array{float, float}>> */
    public function rings(): array
    {
        return $this->rings;
    }

    /** @return list<list<array{float, float}>> each track once, however often it came */
    public function tracks(): array
    {
        $this->endTrack();

        return $this->tracks;
    }

    /** @return list<array{name: string, lat: float, lon: float, ring?: list<array{float, float}>}> */
    public function sections(): array
    {
        return array_values($this->sections);
    }

    /** @return list<list<array{float, float}>> rings of longitude and latitude */
    public function noWake(): array
    {
        return array_values($this->noWake);
    }

    /** @return list<array{line: list<array{float, float}>, height_ft: float, setback_ft: float}> */
    public function banks(): array
    {
        return array_values($this->banks);
    }

    /** @return array<string, mixed> what the newest layer says of the lake itself: ramp, dropped features */
    public function about(): array
    {
        return $this->about;
    }

    private function finish(): void
    {
        if ($this->isDone) {
            return;
        }
        $this->isDone = true;
        if ($this->exactCellM() !== null) {
            $this->uncut = $this->grids[0];
        } elseif ($this->grids !== [] || $this->soundings->taken() > 0) {
            foreach ($this->grids as $grid) {
                for ($row = 0; $row < $grid->rows; $row++) {
                    for ($col = 0; $col < $grid->cols; $col++) {
                        $depth = $grid->cell($col, $row);
                        if ($depth !== null && $depth > 0) {
                            $this->soundings->add(...[...$grid->position($col, $row), $depth]);
                        }
                    }
                }
            }
            // The waterline is a depth as well.
            foreach ($this->cuts ? array_merge(...$this->rings) : [] as [$lon, $lat]) {
                $this->soundings->add($lat, $lon, 0.0);
            }
            // One or two soundings make no bottom.
            $this->uncut = $this->soundings->places() < Soundings::LEAST ? null : array_reduce(
                $this->grids,
                static fn (DepthGrid $all, DepthGrid $one): DepthGrid => $all->withLandOf($one),
                $this->soundings->grid(),
            );
        }
        $this->whole = $this->uncut === null || $this->rings === [] || ! $this->cuts ? $this->uncut : Shoreline::cut($this->uncut, $this->rings);
    }

    private function endTrack(): void
    {
        $last = count($this->tracks) - 1;
        if ($last < 0) {
            return;
        }
        $key = sha1(serialize($this->tracks[$last]));
        // The same track in two files is one; a track that is going on was not seen whole yet.
        if (isset($this->trackSeen[$key]) && $this->trackSeen[$key] !== $last) {
            array_pop($this->tracks);

            return;
        }
        $this->trackSeen[$key] = $last;
    }

    /**
     * @param  array<string, mixed>  $about  as a file says it
     * @return array<string, mixed>
     */
    private static function sane(array $about): array
    {
        $sane = [];
        if (is_array($about['ramp'] ?? null) && is_numeric($about['ramp'][0] ?? null) && is_numeric($about['ramp'][1] ?? null)) {
            $sane['ramp'] = [(float) $about['ramp'][0], (float) $about['ramp'][1]];
        }
        if (is_array($about['dropped'] ?? null)) {
            $sane['dropped'] = array_slice(
                array_values(array_map(static fn (string $key): string => mb_substr($key, 0, 60), array_filter($about['dropped'], is_string(...)))),
                0,
                500,
            );
        }

        return $sane;
    }
}
