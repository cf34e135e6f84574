<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\Kept;
use App\Day\SpreadOfDay;
use App\Drawing\PlanDrawing;
use App\Drawing\SpreadDrawing;
use App\Drawing\WhereDrawing;
use App\Models\Trip;
use App\Show\Word;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\SpreadContract;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Reading;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\PassFinder;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadPlanner;
use OldEddy\Troll\Tangles;

/** The spread: which lines are towed, how deep they run, what a turn does to them. */
final class TrollController
{
    /** Turns that can be looked at, feet. */
    private const TURN_FT = [30, 600];

    private const LONGEST = 600;

    /** What is looked at first, and what passes bend within. */
    private const USUAL_TURN_FT = 200.0;

    public function show(Trip $trip): View
    {
        $reading = SpreadOfDay::reading($trip);
        $spread = SpreadOfDay::of($trip);

        return view('troll.show', $this->drawn($trip, $reading, $spread, null, true) + $this->passes($trip, $reading, $spread) + [
            'towable' => SpreadPlanner::towable(Planner::planFor($reading)), 'outFt' => SpreadPlanner::OUT_FT, 'turnsFt' => self::TURN_FT, 'usualTurnFt' => self::USUAL_TURN_FT,
            'most' => BoatKind::Boat->mostLines(),
        ]);
    }

    /** The lines as they would run, while the hand still moves: nothing is kept. */
    public function tryOut(Request $request, Trip $trip): JsonResponse
    {
        $asked = $request->validate(['way' => ['nullable', Rule::in(['straight', 'port', 'starboard'])], 'radius' => ['nullable', 'numeric']]);
        try {
            $spread = SpreadOfDay::typed($request->query(), $trip->user->units());
        } catch (InvalidInput $e) {
            return new JsonResponse(['errors' => $e->toArray()], 422);
        }
        $units = $trip->user->units();
        $way = $asked['way'] ?? 'straight';
        $radius = max(self::TURN_FT[0], min(self::TURN_FT[1], $units->take('depth', (float) ($asked['radius'] ?? 0))));
        $drawn = $this->drawn($trip, SpreadOfDay::reading($trip), $spread, $way === 'straight' ? null : $radius, $way === 'starboard');

        return new JsonResponse([
            'parts' => array_map(static fn (string $view): string => view($view, $drawn)->render(), ['above' => 'troll.above', 'side' => 'troll.side', 'minded' => 'troll.minded']),
            'said' => [
                'speed' => $units->boat($spread->speedMph), 'radius' => $units->depth($radius),
                ...array_merge(...array_map(static fn (RunningLine $r): array => [
                    "out-{$r->line->key}" => $units->depth($r->line->letOutFt), "depth-{$r->line->key}" => $units->depth($r->depthFt), "basis-{$r->line->key}" => $r->basis->words(),
                ], $spread->lines)),
            ],
        ]);
    }

    public function keep(Request $request, Trip $trip): RedirectResponse
    {
        $typed = $request->validate([
            'boat' => ['nullable', 'string'], 'speed' => ['nullable', 'string', 'max:20'], 'lines' => ['required', 'array', 'list', 'max:'.BoatKind::Boat->mostLines()], 'lines.*' => ['array'],
            'lines.*.*' => ['nullable', 'string', 'max:'.self::LONGEST],
        ]);
        try {
            $spread = SpreadOfDay::typed($typed, $trip->user->units());
        } catch (InvalidInput $e) {
            $messages = [];
            foreach ($e->problems as $problem) {
                $messages[$problem->path] = $this->named($problem->path, $request).' '.$problem->message;
            }
            throw ValidationException::withMessages($messages);
        }
        $trip->update(['spread' => SpreadContract::kept($spread)]);

        return back()->with('said', 'The spread is kept for this day.');
    }

    /** Lays the spread out anew, as the core plans it. */
    public function plan(Request $request, Trip $trip): RedirectResponse
    {
        $asked = $request->validate(['boat' => ['required', Rule::enum(BoatKind::class)], 'count' => ['nullable', 'integer', 'between:2,'.BoatKind::Boat->mostLines()]]);
        $spread = SpreadOfDay::planned($trip, BoatKind::from($asked['boat']), isset($asked['count']) ? (int) $asked['count'] : null);
        if ($spread->lines === []) {
            throw ValidationException::withMessages(['boat' => 'Nothing in the box can be towed: no diving plug and no trolling spoon.']);
        }
        $trip->update(['spread' => SpreadContract::kept($spread)]);

        return back()->with('said', sprintf('A spread of %d lines is laid out.', count($spread->lines)));
    }

    /** What a problem is about, as the page calls it. */
    private function named(string $path, Request $request): string
    {
        $parts = explode('.', $path);
        $key = $request->input("lines.{$parts[1]}.key");

        return $parts[0] !== 'lines' || ! isset($parts[1]) || ! is_string($key) ? ucfirst(Word::of(str_replace('_mph', '', $path)))
            : ucfirst(Word::of($key)).', '.Word::of(preg_replace('/_(ft|oz|in)$/', '', $parts[2] ?? 'line') ?? '');
    }

    /** @return array<string, mixed> the passes over the day's lake, and where they lie on its plan; nothing without a chart */
    private function passes(Trip $trip, Reading $reading, Spread $spread): array
    {
        $lake = $trip->lake;
        $rise = $reading->day->riseFt();
        $plan = $lake === null || ! $lake->hasDepths() || $spread->lines === [] ? null : PlanDrawing::of($lake, $rise);
        if ($lake === null || $plan === null) {
            return ['passes' => null];
        }
        $what = "passes {$lake->shapeKey()} ".json_encode(SpreadContract::kept($spread), JSON_THROW_ON_ERROR);
        $passes = Kept::of($what, $reading->day, static function () use ($lake, $rise, $spread): array {
            $grid = $lake->gridAt($rise);

            return $grid === null ? [] : PassFinder::in($grid, $spread, self::USUAL_TURN_FT);
        });

        return ['passes' => $passes, 'lake' => $lake, 'plan' => $plan, 'turnFt' => self::USUAL_TURN_FT, ...WhereDrawing::passes($plan, $passes)];
    }

    /** @return array<string, mixed> a spread drawn, straight on or in a turn */
    private function drawn(Trip $trip, Reading $reading, Spread $spread, ?float $radiusFt, bool $toRight): array
    {
        $turn = $radiusFt === null ? null : Tangles::inTurn($spread, $radiusFt, $toRight);
        $sounded = $trip->fixes()->whereNotNull('depth_ft')->latest('at')->value('depth_ft');
        $stand = $reading->stand;
        $bottom = is_numeric($sounded) ? (float) $sounded : $reading->day->spot->deepFt;
        $draw = new SpreadDrawing($spread, $turn, $toRight, $stand, $bottom);

        return [
            'trip' => $trip, 'spread' => $spread, 'turn' => $turn, 'stand' => $stand, 'bottom' => $bottom, 'sounded' => is_numeric($sounded),
            'minded' => [...$spread->warnings, ...($turn->warnings ?? [])],
            'draw' => $draw, 'layers' => Scene::layers($reading, $draw->deepestFt()),
        ];
    }
}
