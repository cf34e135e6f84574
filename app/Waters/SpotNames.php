<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;

/** The names of a lake's spots: the log knows a spot by its name, so that no two may have the same. */
final class SpotNames
{
    private const LONGEST = 80;

    /** @var array<string, true> by name as the database compares it */
    private array $taken = [];

    /** @var array<string, list<LakeSpot>> by position */
    private array $at = [];

    public function __construct(Lake $lake)
    {
        foreach ($lake->spots()->get() as $spot) {
            $this->add($spot);
        }
    }

    /** A name for a mark that came without one. */
    public function unnamed(): string
    {
        for ($n = 1; isset($this->taken["Mark {$n}"]); $n++);
        $this->taken["Mark {$n}"] = true;

        return "Mark {$n}";
    }

    /** A name that no spot of the lake has yet: this one, or with a number behind it. */
    public function free(string $name): string
    {
        $free = mb_substr($name, 0, self::LONGEST);
        for ($n = 2; isset($this->taken[self::key($free)]); $n++) {
            $free = mb_substr($name, 0, self::LONGEST - strlen(" {$n}"))." {$n}";
        }
        $this->taken[self::key($free)] = true;

        return $free;
    }

    /** The spot that stands at this very position under this name, with a number behind it or without, or under any name where it is empty. */
    public function known(float $lat, float $lon, string $name): ?LakeSpot
    {
        foreach ($this->at[self::place($lat, $lon)] ?? [] as $spot) {
            if ($name === '' || self::key($spot->name) === self::key($name) || preg_match(
                '/^'.preg_quote(self::key($name), '/').' \d+$/',
                self::key($spot->name),
            ) === 1) {
                return $spot;
            }
        }

        return null;
    }

    public function add(LakeSpot $spot): void
    {
        $this->taken[self::key($spot->name)] = true;
        $this->at[self::place($spot->lat, $spot->lon)][] = $spot;
    }

    private static function key(string $name): string
    {
        return rtrim($name);
    }

    private static function place(float $lat, float $lon): string
    {
        return sprintf('%.6f,%.6f', $lat, $lon);
    }
}
