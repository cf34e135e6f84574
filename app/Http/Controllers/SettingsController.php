<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Show\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OldEddy\Day\Schools\Schools;
use OldEddy\Day\Season\ColdwaterGuest;
use OldEddy\Log\Fish\BagLimits;

final class SettingsController
{
    public function show(Request $request): View
    {
        return view('settings.show', ['user' => $request->user(), 'choices' => Schools::CHOICES, 'limits' => $request->user()->bagLimits(), 'species' => ColdwaterGuest::allKeys()]);
    }

    public function save(Request $request): RedirectResponse
    {
        $rules = ['units' => ['required', Rule::in(['us', 'metric'])], 'schools' => ['array'], 'own_success' => ['nullable', 'boolean'],
            'bag' => ['nullable', 'integer', 'between:1,'.BagLimits::MOST], 'least' => ['array'], 'least.*' => ['nullable', 'numeric', 'between:0.1,250'],
        ];
        foreach (Schools::CHOICES as $key => $schools) {
            $rules["schools.{$key}"] = ['nullable', Rule::in($schools)];
        }
        $given = $request->validate($rules, [], ['bag' => 'number of the bag', 'least.*' => 'shortest length']);
        $switch = $request->input('back') === 'settings' ? ['own_success' => (bool) ($given['own_success'] ?? false), 'limits' => self::limits($given)] : [];
        $request->user()->update(['units' => $given['units'], 'schools' => array_filter($given['schools'] ?? []), ...$switch]);

        return redirect()->to($request->input('back') === 'settings' ? route('settings') : url()->previous(route('settings')))->with('said', 'Kept.');
    }

    /**
     * The angler's own limits for the bag; null where none was said.
     *
     * @param  array<string, mixed>  $given
     * @return array{number?: int, least?: array<string, float>}|null
     */
    private static function limits(array $given): ?array
    {
        $units = new Units($given['units'] === 'metric');
        $least = array_map(
            static fn (mixed $size): float => round($units->takeSize((float) $size), 2),
            array_filter(array_intersect_key($given['least'] ?? [], array_flip(ColdwaterGuest::allKeys())), static fn (mixed $v): bool => $v !== null && $v !== ''),
        );
        $limits = array_filter(['number' => isset($given['bag']) ? (int) $given['bag'] : null, 'least' => $least], static fn (mixed $v): bool => $v !== null && $v !== []);

        return $limits === [] ? null : $limits;
    }
}
