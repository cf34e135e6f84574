<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\SpreadOfDay;
use App\Drawing\PlanDrawing;
use App\Drawing\SpreadDrawing;
use App\Drawing\WhereDrawing;
use App\Models\Trip;
use App\Show\Word;
use App\Waters\PassesOfDay;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\SpreadContract;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Reading;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\BottomBehind;
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

    /** What is looked at first where no passes say how tightly the spread turns. */
    private const USUAL_TURN_FT = 200.0;

    /** So far on its way a pass is looked at first. */
    private const FIRST_SHARE = 0.5;

    public function show(Request $request, Trip $trip): View
    {
        $asked = $request->validate(['bottom' => ['nullable', Rule::enum(Bottom::class)]]);
        $over = Bottom::tryFrom($asked['bottom'] ?? '');
        $reading = SpreadOfDay::reading($trip);
        $spread = SpreadOfDay::of($trip);
        $found = PassesOfDay::of($trip, $reading, $spread, $over);
        $where = $found?->usual();

        return view('troll.show', $this->drawn($trip, $reading, $spread, $found, $where, self::FIRST_SHARE) + $this->passes($found, $reading, $over) + [
            'towable' => SpreadPlanner::towable(Planner::planFor($reading)), 'outFt' => SpreadPlanner::OUT_FT, 'turnsFt' => self::TURN_FT,
            'usualTurnFt' => $found->turnFt ?? self::USUAL_TURN_FT, 'most' => BoatKind::Boat->mostLines(), 'where' => $where, 'share' => self::FIRST_SHARE,
        ]);
    }

    /** The lines as they would run, while the hand still moves: nothing is kept. */
    public function tryOut(Request $request, Trip $trip): JsonResponse
    {
        $asked = $request->validate([
            'way' => ['nullable', Rule::in(['straight', 'port', 'starboard'])], 'radius' => ['nullable', 'numeric'], 'where' => ['nullable', 'regex:/^(boat|day|\d)$/'],
            'share' => ['nullable', 'numeric', 'between:0,100'], 'bottom' => ['nullable', Rule::enum(Bottom::class)],
        ]);
        try {
            $spread = SpreadOfDay::typed($request->query(), $trip->user->units());
        } catch (InvalidInput $e) {
            return new JsonResponse(['errors' => $e->toArray()], 422);
        }
        $units = $trip->user->units();
        $way = $asked['way'] ?? 'straight';
        $radius = max(self::TURN_FT[0], min(self::TURN_FT[1], $units->take('depth', (float) ($asked['radius'] ?? 0))));
        $reading = SpreadOfDay::reading($trip);
        $where = ($asked['where'] ?? 'day') === 'day' ? null : $asked['where'];
        // Where the passes lie is told by the spread that is kept, while the hand tries another.
        $found = $where === null ? null : PassesOfDay::of($trip, $reading, SpreadOfDay::of($trip), Bottom::tryFrom($asked['bottom'] ?? ''));
        $share = (float) ($asked['share'] ?? 100) / 100;
        $drawn = $this->drawn($trip, $reading, $spread, $found, $where, $share, $way === 'straight' ? null : $radius, $way === 'starboard');

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
        $key = isset($parts[1]) ? $request->input("lines.{$parts[1]}.key") : null;

        return $parts[0] !== 'lines' || ! isset($parts[1]) || ! is_string($key) ? ucfirst(Word::of(str_replace('_mph', '', $path)))
            : ucfirst(Word::of($key)).', '.Word::of(preg_replace('/_(ft|oz|in)$/', '', $parts[2] ?? 'line') ?? '');
    }

    /** @return array<string, mixed> the passes over the day's lake, and where they lie on its plan; nothing without a chart */
    private function passes(?PassesOfDay $found, Reading $reading, ?Bottom $over): array
    {
        $plan = $found === null ? null : PlanDrawing::of($found->lake, $reading->day->riseFt());

        return $found === null || $plan === null ? ['found' => null]
            : ['found' => $found, 'lake' => $found->lake, 'plan' => $plan, 'over' => $over, ...WhereDrawing::passes($plan, $found->passes, $found->track)];
    }

    /** @return array<string, mixed> a spread drawn, straight on or in a turn, over the bottom that lies there */
    private function drawn(
        Trip $trip, Reading $reading, Spread $spread, ?PassesOfDay $found, ?string $where, float $share, ?float $radiusFt = null, bool $toRight = true,
    ): array {
        $turn = $radiusFt === null ? null : Tangles::inTurn($spread, $radiusFt, $toRight);
        $stand = $reading->stand;
        $ground = $found?->under($spread, $where, $share);
        $sounded = $ground === null ? $trip->fixes()->whereNotNull('depth_ft')->latest('at')->value('depth_ft') : null;
        $bottom = is_numeric($sounded) ? (float) $sounded : $reading->day->spot->deepFt;
        $said = match (true) {
            $ground !== null => $where === 'boat' ? 'of the chart, along the way that the boat came' : sprintf('of the chart, on pass %d', (int) $where + 1),
            $bottom === null => null,
            default => is_numeric($sounded) ? 'as the sounder had it last' : 'as the day has it',
        };
        $ground ??= BottomBehind::even($bottom, $spread);
        $draw = new SpreadDrawing($spread, $turn, $toRight, $stand, $ground);

        return [
            'trip' => $trip, 'spread' => $spread, 'turn' => $turn, 'stand' => $stand, 'ground' => $ground, 'bottomSaid' => $said,
            'minded' => [...$spread->warnings, ...($turn->warnings ?? [])],
            'draw' => $draw, 'layers' => Scene::layers($reading, $draw->deepestFt()),
        ];
    }
}
