<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\StateOfDay;
use App\Drawing\WaterByHand;
use App\Show\Units;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\ConditionsReader;
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
                $water = StateOfDay::changed($water, (string) $path, $value, new Units(false));
            }
        } catch (InvalidInput $e) {
            return new JsonResponse(['errors' => $e->toArray()], 422);
        }

        return new JsonResponse(WaterByHand::answer(self::drawn($water), picture: 'read.picture', lures: 'account.lures'));
    }

    /**
     * @param  array<string, mixed>  $water
     * @return array<string, mixed> the water drawn, with its first lures
     */
    public static function drawn(array $water = self::WATER): array
    {
        $plan = Planner::plan(ConditionsReader::read($water));

        return ['lures' => array_slice($plan->lineup, 0, self::LURES)] + WaterByHand::of($plan->reading, new Units(false));
    }
}
