<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OldEddy\Day\Schools\Schools;

final class SettingsController
{
    public function show(Request $request): View
    {
        return view('settings.show', ['user' => $request->user(), 'choices' => Schools::CHOICES]);
    }

    public function save(Request $request): RedirectResponse
    {
        $rules = ['units' => ['required', Rule::in(['us', 'metric'])], 'schools' => ['array'], 'own_success' => ['nullable', 'boolean']];
        foreach (Schools::CHOICES as $key => $schools) {
            $rules["schools.{$key}"] = ['nullable', Rule::in($schools)];
        }
        $given = $request->validate($rules);
        $switch = $request->input('back') === 'settings' ? ['own_success' => (bool) ($given['own_success'] ?? false)] : [];
        $request->user()->update(['units' => $given['units'], 'schools' => array_filter($given['schools'] ?? []), ...$switch]);

        return redirect()->to($request->input('back') === 'settings' ? route('settings') : url()->previous(route('settings')))->with('said', 'Kept.');
    }
}
