<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\Kept;
use App\Http\Asked;
use App\Models\RackSlot;
use App\Models\Trip;
use App\Show\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lineup\Entry;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lineup\Split;
use OldEddy\Choice\Lineup\Wish;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Path\CastAngle;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Log\Next\Presentation;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Pictures\Slice\Strip;
use OldEddy\Plan\Plan;
use OldEddy\Plan\Planner;
use OldEddy\Plan\WhatWouldChange;
use OldEddy\Reading\WaterReader;

final class ChooseController
{
    /** So many lures are worth a rod first. */
    private const FIRST = 3;

    public function show(Request $request, Trip $trip): View
    {
        $asked = Asked::of($request, ['lure' => ['nullable', 'string', 'max:60'], 'beside' => ['nullable', 'string', 'max:60'], 'if' => ['nullable', 'string', 'max:20']]);
        $asIs = $trip->plan();
        $day = $asIs->reading->day;
        $then = WhatWouldChange::thrown($day, $asked['if'] ?? '');
        $plan = $then === null ? $asIs : Planner::planFor(WaterReader::read($then));
        $chosen = $plan->entry($asked['lure'] ?? '') ?? $plan->lineup[0];
        $beside = $plan->entry($asked['beside'] ?? '');

        return view('choose.show', [
            'trip' => $trip,
            'plan' => $plan,
            'first' => $first = $plan->worthFirst(self::FIRST),
            'pictures' => $this->pictures($plan, $first, $trip->user->units()),
            'rack' => $trip->rack,
            // By lure and color: several rods may carry one lure.
            'rigged' => $trip->rack->keyBy(static fn (RackSlot $r): string => Presentation::key($r->lure, $r->color))->all(),
            'carried' => array_flip($trip->rack->pluck('lure')->all()),
            'planned' => array_flip(array_map(static fn (Entry $e): string => Presentation::key($e->lure->key, $e->colors()[0]->family->value), $plan->rods)),
            'chosen' => $chosen,
            'beside' => $beside === $chosen ? null : $beside,
            'slice' => $this->slice($plan, $chosen, $beside === $chosen ? null : $beside, $trip->user->units()),
            'across' => Setup::of($chosen->lure, $plan->reading, new Wish(CastAngle::Crossing))->secondsInReach(),
            'strip' => Strip::of($chosen->setup()),
            'split' => Split::between($plan->lineup),
            'switches' => WhatWouldChange::switches($day),
            'thrown' => $then === null ? null : $asked['if'],
            'flips' => array_column(Kept::flips($asIs->reading, $asIs->lineup[0]->lure->key), 'first', 'switch'),
            'hours' => Kept::hours($day, $trip->forecast()),
            'trolled' => $day->mode === Mode::Troll,
        ]);
    }

    /** The cast of the lure that is looked at, drawn, kept for a water. */
    private function slice(Plan $plan, Entry $chosen, ?Entry $beside, Units $units): string
    {
        return Kept::drawn("cast {$chosen->lure->key} {$beside?->lure->key}", $plan->reading->day, $units, static fn (): string => view(
            'partials.slice', ['scene' => Scene::ofSetup($chosen->setup()), 'key' => 'lure', 'beside' => $beside],
        )->render());
    }

    /**
     * The pictures of the lures worth a rod, kept for a water.
     *
     * @param  list<Entry>  $first
     * @return array<string, string> by lure
     */
    private function pictures(Plan $plan, array $first, Units $units): array
    {
        $keys = array_map(static fn (Entry $e): string => $e->lure->key, $first);

        return Kept::drawn('cards '.implode(' ', $keys), $plan->reading->day, $units, static fn (): array => array_combine(
            $keys, array_map(static fn (Entry $e): string => view('choose.card-pictures', ['entry' => $e])->render(), $first),
        ));
    }

    /** Rigging is a PUT: once or ten times, the rod stands on the rack once. Several rods may carry one lure, each in its own color (R22). */
    public function rig(Request $request, Trip $trip, string $lure): RedirectResponse|JsonResponse
    {
        abort_unless(Catalog::has($lure), 404);
        $entry = $trip->plan()->entry($lure);
        if ($entry === null) {
            return $this->back($request, $trip, $lure, 'That lure is ruled out today.', 422);
        }
        $color = $this->color($request) ?? $entry->colors()[0]->family->value;
        RackSlot::rig($trip, ['lure' => $lure, 'color' => $color, ...$entry->setup()->rigged()]);

        return $this->back($request, $trip, $lure, ucfirst($entry->lure->name()).' in '.str_replace('_', ' ', $color).' is on the rack.');
    }

    /** Off the rack: the rod in one color, or all that carry the lure. */
    public function unrig(Request $request, Trip $trip, string $lure): RedirectResponse|JsonResponse
    {
        $color = $this->color($request);
        $rods = $trip->rack()->where('lure', $lure);
        ($color === null ? $rods : $rods->where('color', $color))->delete();

        return $this->back($request, $trip, $lure, ucfirst(str_replace('_', ' ', $lure)).' is off the rack.');
    }

    private function color(Request $request): ?string
    {
        return $request->validate(['color' => ['nullable', Rule::enum(ColorFamily::class)]], ['color' => 'The color is none of those there are.'])['color'] ?? null;
    }

    private function back(Request $request, Trip $trip, string $lure, string $said, int $status = 200): RedirectResponse|JsonResponse
    {
        return $request->expectsJson()
            ? new JsonResponse(['said' => $said], $status)
            : redirect()->route('choose', ['trip' => $trip, 'lure' => $lure])->with('said', $said);
    }
}
