<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\StateOfDay;
use App\Drawing\Handles;
use App\Drawing\SeasonScale;
use App\Drawing\SliceDrawing;
use App\Show\Units;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Plan\Planner;

/** What the program is, before anybody signs in: one water that can be drawn by hand, and the lures that follow. Nothing is kept. */
final class FirstLookController
{
    private const LURES = 3;

    /** A water of our own: a flat with a laydown in a warming April. */
    private const WATER = [
        'species' => 'largemouth_bass', 'date' => '2026-04-18', 'time' => '09:30', 'timezone' => 'America/New_York', 'lat' => 36.9, 'lon' => -80.1,
        'water' => ['temp_f' => 61, 'visibility_ft' => 3.5],
        'weather' => ['sky' => 'clear', 'wind_mph' => 5],
        'spot' => ['structure' => 'flat', 'cover' => ['laydown', 'reeds'], 'bottom' => 'gravel', 'depth_ft' => [1, 9], 'cast_bearing_deg' => 90],
    ];

    public function show(Request $request): JsonResponse
    {
        $water = self::WATER;
        try {
            foreach ((array) $request->query('said') as $path => $value) {
                $meant = is_string($value) && str_contains($value, ',') ? array_values(array_filter(explode(',', $value))) : $value;
                $water = StateOfDay::changed($water, (string) $path, $meant, new Units(false));
            }
        } catch (InvalidInput $e) {
            return new JsonResponse(['errors' => $e->toArray()], 422);
        }
        $drawn = self::drawn($water);

        return new JsonResponse([
            'picture' => view('read.picture', $drawn)->render(), 'lures' => view('account.lures', $drawn)->render(),
            'handles' => $drawn['handles'], 'tall' => $drawn['tallHandles'],
        ]);
    }

    /**
     * @param  array<string, mixed>  $water
     * @return array<string, mixed> the water drawn, with its first lures
     */
    public static function drawn(array $water = self::WATER): array
    {
        $plan = Planner::plan(ConditionsReader::read($water));
        $scene = Scene::ofReading($plan->reading);

        return [
            'scene' => $scene, 'reading' => $plan->reading, 'handles' => Handles::of(new SliceDrawing($scene), $plan->reading->day, new Units(false)),
            'tallHandles' => Handles::of(new SliceDrawing($scene, tall: true), $plan->reading->day, new Units(false)),
            'seasons' => SeasonScale::of($plan->reading->day), 'lures' => array_slice($plan->lineup, 0, self::LURES),
        ];
    }
}
