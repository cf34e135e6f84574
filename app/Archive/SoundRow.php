<?php

declare(strict_types=1);

namespace App\Archive;

use App\Log\EventTaker;
use App\Log\Kinds\StintFields;
use App\Log\Wanted;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Limits;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\Side;
use OldEddy\Troll\SpreadPlanner;
use OldEddy\Troll\Station;

/** Whether a row of an archive is one that could have been logged here: its columns, and the words in them. */
final class SoundRow
{
    /** @var array<string, Column> */
    private readonly array $columns;

    /** @var array<string, Wanted> */
    private readonly array $words;

    public function __construct(private readonly Kept $kept)
    {
        $this->columns = Column::of($kept);
        $this->words = self::words($kept->name);
    }

    /**
     * What is wrong with a row, in a sentence; null where nothing is.
     *
     * @param  array<array-key, mixed>  $row
     */
    public function problem(array $row): ?string
    {
        $odd = array_diff_key($row, $this->columns);
        if ($odd !== []) {
            return mb_strimwidth((string) array_key_first($odd), 0, 40).' is no column of it.';
        }
        foreach ($this->columns as $name => $column) {
            if (! array_key_exists($name, $row) && $column->canLack()) {
                continue;
            }
            $problem = array_key_exists($name, $row) ? $column->problem($row[$name]) : "{$name} is missing.";
            $problem ??= isset($this->words[$name]) ? $this->words[$name]->problem($name, $row[$name]) : null;
            if ($problem !== null) {
                return $problem;
            }
        }

        return null;
    }

    /** @return array<string, Wanted> of a stint that is towed */
    private static function towed(): array
    {
        return array_map(static fn (Wanted $w): Wanted => $w->orNothing(), [
            'side' => Wanted::oneOf(Side::keys()), 'station' => Wanted::oneOf(Station::keys()), 'carrier' => Wanted::oneOf(Carrier::keys()),
            'let_out_ft' => Wanted::number(...SpreadPlanner::OUT_FT),
        ]);
    }

    /** @return array<string, Wanted> */
    private static function words(string $kept): array
    {
        $lure = Wanted::oneOf(Catalog::keys());

        return match ($kept) {
            'stints' => ['lure' => $lure, 'cast_count' => Wanted::whole(0, Limits::CASTS)] + StintFields::begun() + StintFields::perhaps('stint', ['cover_part', 'light']) + self::towed(),
            'contacts' => ['kind' => Wanted::oneOf(ContactKind::keys()), 'in_turn' => Wanted::oneOf(['yes', 'no'])->orNothing()] + array_map(
                static fn (array $keys): Wanted => Wanted::oneOf($keys)->orNothing(), array_diff_key(StintFields::ofContact(), ['kind' => true]),
            ),
            'rack' => ['lure' => $lure] + StintFields::of('stint', ['color', 'depth_ft', 'retrieve']) + StintFields::perhaps('stint', ['weight_oz', 'length_in']) + StintFields::castKind(),
            'turns' => ['kind' => Wanted::oneOf(TurnKind::keys())],
            'events' => ['kind' => Wanted::oneOf(EventTaker::kinds())],
            'box' => ['lure' => $lure],
            default => [],
        };
    }
}
