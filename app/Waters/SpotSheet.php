<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Show\Units;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Docks\Extra;

/** The form of a spot: its numbers in the angler's units, out and in. Keys and options are the core's. */
final readonly class SpotSheet
{
    /** Number fields: label, quantity, least and most in the lake's own units. */
    public const NUMBERS = [
        'lat' => ['degrees north', 'plain', -90, 90], 'lon' => ['degrees east', 'plain', -180, 180],
        'shallow_ft' => ['shallowest', 'depth', 0, 500], 'deep_ft' => ['deepest', 'depth', 0, 500], 'depth_nearby_ft' => ['deepest close by', 'depth', 0, 1000],
        'bank_faces_deg' => ['bank faces, degrees', 'plain', 0, 360], 'object_height_ft' => ['trees or bluff, height', 'depth', 0, 999], 'setback_ft' => ['set back from the water', 'depth', 0, 999],
        'flows_to_deg' => ['current flows toward, degrees', 'plain', 0, 360],
    ];

    public const DOCK = ['inside_ft' => ['depth inside', 100], 'outside_ft' => ['depth outside', 100], 'walkway_ft' => ['length of the walkway', 500]];

    public function __construct(private Units $units)
    {
    }

    /** A label with its unit. */
    public function label(string $field): string
    {
        [$label, $quantity] = self::NUMBERS[$field] ?? [self::DOCK[$field][0], 'depth'];

        return $quantity === 'depth' ? "{$label}, {$this->units->word('depth')}" : $label;
    }

    /** A number of a spot as the form shows it. */
    public function shown(string $field, ?float $value): string
    {
        $quantity = self::NUMBERS[$field][1] ?? 'depth';

        // Degrees keep every digit they have: a hundredth of one is a kilometre.
        return $value === null ? '' : (string) ($quantity === 'plain' ? $value : $this->units->show($quantity, $value));
    }

    /** @return array<string, mixed> what was typed, in the lake's own units */
    public function read(Request $request, Lake $lake): array
    {
        $given = $request->validate($this->rules($request, $lake), ['deep_ft.gte' => 'The deep end must not be shallower than the shallow end.', 'name.unique' => 'Another spot of this lake has this name.'], $this->names());
        foreach (self::NUMBERS as $field => [, $quantity]) {
            $given[$field] = isset($given[$field]) ? $this->units->take($quantity, (float) $given[$field]) : null;
        }
        $dock = $given['dock'] ?? [];
        $feet = fn (string $field): float => $this->units->take('depth', (float) $dock[$field]);
        $given['dock'] = isset($dock['kind']) ? ['kind' => $dock['kind'], 'inside_ft' => $feet('inside_ft'), 'outside_ft' => $feet('outside_ft'), 'walkway_ft' => isset($dock['walkway_ft']) ? $feet('walkway_ft') : 15.0, 'extras' => $dock['extras'] ?? []] : null;
        $given['cover'] ??= [];

        return $given;
    }

    /** @return array<string, list<mixed>> */
    private function rules(Request $request, Lake $lake): array
    {
        $id = $request->integer('id');
        $rules = [
            'id' => ['nullable', 'integer', Rule::exists(LakeSpot::class)->where('lake_id', $lake->id)],
            'name' => ['required', 'string', 'max:80', ...($id > 0 ? [Rule::unique(LakeSpot::class)->where('lake_id', $lake->id)->ignore($id)] : [])],
            'structure' => ['nullable', Rule::in(Structure::keys())], 'cover' => ['nullable', 'array'], 'cover.*' => [Rule::in(Cover::keys())], 'bottom' => ['nullable', Rule::in(Bottom::keys())],
            'origin' => ['nullable', Rule::in(['typed', 'found'])],
            'dock' => ['nullable', 'array'], 'dock.kind' => ['nullable', Rule::in(DockKind::keys())], 'dock.extras' => ['nullable', 'array'], 'dock.extras.*' => [Rule::in(Extra::keys())],
        ];
        foreach (self::NUMBERS as $field => [, $quantity, $least, $most]) {
            $rules[$field] = [in_array($field, ['lat', 'lon'], true) ? 'required' : 'nullable', 'numeric', "between:{$this->units->show($quantity, $least)},{$this->units->show($quantity, $most)}"];
        }
        // Something to compare with: an empty shallow end is no end.
        if ($request->filled('shallow_ft')) {
            $rules['deep_ft'][] = 'gte:shallow_ft';
        }
        foreach (self::DOCK as $field => [, $most]) {
            $rules["dock.{$field}"] = [$field === 'walkway_ft' ? 'nullable' : 'required_with:dock.kind', 'nullable', 'numeric', "between:0,{$this->units->show('depth', $most)}"];
        }

        return $rules;
    }

    /** @return array<string, string> the fields as the form calls them */
    private function names(): array
    {
        $names = [];
        foreach (array_keys(self::NUMBERS) as $field) {
            $names[$field] = $this->label($field);
        }
        foreach (array_keys(self::DOCK) as $field) {
            $names["dock.{$field}"] = $this->label($field);
        }

        return $names + ['dock.kind' => 'kind of dock'];
    }
}
