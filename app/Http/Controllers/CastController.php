<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Trip;
use App\Show\CastKnobs;
use App\Show\Units;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lineup\Wish;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Path\CastAngle;
use OldEddy\Choice\Path\RodTip;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;

/** One cast tried out: its path and its seconds, along the edge and across it, by the core. */
final class CastController
{
    public function show(Request $request, Trip $trip, string $lure): JsonResponse
    {
        abort_unless(Catalog::has($lure), 404);
        $given = $request->validate([
            'angle' => ['nullable', Rule::enum(CastAngle::class)],
            'rod_tip' => ['nullable', Rule::enum(RodTip::class)],
            'cast_ft' => ['nullable', 'numeric', 'between:8,200'],
            'weight_oz' => ['nullable', 'numeric', 'between:0,4'],
            'speed_ft_s' => ['nullable', 'numeric', 'between:0.05,8'],
            'depth_ft' => ['nullable', 'numeric', 'between:0,60'],
        ]);
        $reading = WaterReader::read(Settler::settle($trip->told()));
        $angle = CastAngle::from($given['angle'] ?? 'parallel');
        $setup = $this->setup($lure, $reading, $given, $angle);
        $other = $this->setup($lure, $reading, $given, $angle === CastAngle::Parallel ? CastAngle::Crossing : CastAngle::Parallel);
        [$along, $across] = $angle === CastAngle::Parallel ? [$setup, $other] : [$other, $setup];

        $units = $trip->user->units();

        return new JsonResponse([
            'slice' => view('partials.slice', ['key' => 'lure', 'scene' => Scene::ofSetup($setup)])->render(),
            'along' => Units::seconds($along->secondsInReach()),
            'across' => Units::seconds($across->secondsInReach()),
            'near' => Units::seconds($setup->secondsNearCover()),
            'countdown' => $setup->countdownSeconds() === null ? null : max(1, (int) round($setup->countdownSeconds())),
            'touches' => $setup->path()->touchesBottom(),
            'warnings' => array_map($units->say(...), $setup->snagWarnings()),
            'knobs' => CastKnobs::of($setup, $units),
        ]);
    }

    /** @param  array<string, mixed>  $given */
    private function setup(string $lure, Reading $reading, array $given, CastAngle $angle): Setup
    {
        $number = static fn (string $key): ?float => isset($given[$key]) ? (float) $given[$key] : null;

        return Setup::of(
            Catalog::get($lure),
            $reading,
            new Wish($angle, $number('cast_ft'), $number('weight_oz'), $number('speed_ft_s'), $number('depth_ft'), RodTip::from($given['rod_tip'] ?? 'low')),
        );
    }
}
