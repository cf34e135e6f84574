<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\User;
use App\Show\Word;
use Illuminate\Support\Facades\DB;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Sketch\Kind;
use OldEddy\Where\Sketch\Sketch;

/** What the sheet begins with: the drawing as it was left, what is known of the lake already, where it lies, and the angler's units. */
final class SheetOfSketch
{
    /** What the hand can do on the sheet, in words. */
    public const TOOLS = [
        'shore' => 'shore', 'island' => 'island', 'depth' => 'depth', 'depth_line' => 'depth line', 'dock' => 'dock', 'creek' => 'creek mouth', 'spot' => 'spot',
        'ramp' => 'ramp', 'cast' => 'cast', 'section' => 'section', 'no_wake' => 'no-wake zone', 'bank' => 'height of the bank', 'hand' => 'move',
        'rub' => 'rub out', 'picture' => 'shift the picture',
    ];

    /** Where nobody ever said where he fishes. Basis: own choice; the sun is right for the middle of the range. */
    private const SOMEWHERE = [37.1, -79.9];

    /** @return array<string, mixed> for the script, as JSON */
    public static function of(Lake $lake, SketchBook $book, User $user): array
    {
        $kept = $book->drawing();
        $layer = $book->layer();
        [$lat, $lon] = self::middle($lake, $user);

        return [
            'id' => "{$user->id}-{$lake->id}", 'drawing' => $kept['drawing'] ?? ['lat' => round($lat, 6), 'lon' => round($lon, 6), 'reach_ft' => Sketch::REACH_FT[2], 'things' => []],
            'number' => $kept['number'] ?? 0, 'placing' => $kept['picture'] ?? null,
            'picture' => $book->picture() === null ? null : route('sketch.picture', $lake), 'metric' => $user->isMetric(), 'unit' => $user->units()->word('depth'),
            'known' => ['rings' => $layer === null ? $lake->shoreline ?? [] : [], 'spots' => $lake->spots->filter(
                static fn (LakeSpot $s): bool => $s->layer_id === null || $s->layer_id !== $layer?->id,
            )->map(static fn (LakeSpot $s): array => ['name' => $s->name, 'lat' => $s->lat, 'lon' => $s->lon])->values()->all()],
            'kinds' => array_map(static fn (Kind $k): array => ['key' => $k->value, 'least' => $k->least(), 'most' => $k->most(), 'feet' => $k->needsFeet()], Kind::cases()),
            'structures' => self::words(Structure::keys()), 'covers' => self::words(Cover::keys()), 'reach' => Sketch::REACH_FT,
        ];
    }

    /** @return array{float, float} latitude and longitude: of the lake, of the last day, or somewhere */
    private static function middle(Lake $lake, User $user): array
    {
        $grid = $lake->workingGrid();
        $spot = $lake->spots->first();
        $day = DB::table('trips')->where('user_id', $user->id)->whereNull('drill_seed')->orderByDesc('day')->value('conditions');
        $said = $day === null ? [] : json_decode((string) $day, true, flags: JSON_THROW_ON_ERROR);

        return match (true) {
            $lake->ramp_lat !== null => [$lake->ramp_lat, (float) $lake->ramp_lon],
            $grid !== null => $grid->position($grid->cols / 2, $grid->rows / 2),
            $spot !== null => [$spot->lat, $spot->lon],
            isset($said['lat'], $said['lon']) => [(float) $said['lat'], (float) $said['lon']],
            default => self::SOMEWHERE,
        };
    }

    /**
     * @param  list<string>  $keys
     * @return list<array{key: string, words: string}>
     */
    private static function words(array $keys): array
    {
        return array_map(static fn (string $key): array => ['key' => $key, 'words' => Word::of($key)], $keys);
    }
}
