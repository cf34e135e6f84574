<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Show\Units;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OldEddy\Contract\Field;
use OldEddy\Contract\FieldTable;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Docks\Extra;

/** The form of a spot: its numbers in the angler's units, out and in. Keys and options are the core's. */
final readonly class SpotSheet
{
    /** The numbers of a spot, in the order of the form. */
    public const NUMBERS = ['lat', 'lon', 'shallow_ft', 'deep_ft', 'depth_nearby_ft', 'bank_faces_deg', 'object_height_ft', 'setback_ft', 'flows_to_deg'];

    public const DOCK = ['inside_ft', 'outside_ft', 'walkway_ft'];

    /** A walkway of which nobody said the length, feet. */
    public const USUAL_WALKWAY_FT = 15.0;

    public function __construct(private Units $units)
    {
    }

    /** A label with its unit. */
    public function label(string $field): string
    {
        $about = self::field($field);

        return $about->unit === 'ft' ? "{$about->words}, {$this->units->word('depth')}" : $about->words;
    }

    /** What the core's table says of a number of a spot or of its dock. */
    public static function field(string $field): Field
    {
        return FieldTable::one(in_array($field, self::DOCK, true) ? 'dock' : 'spot', $field);
    }

    /** A number of a spot as the form shows it. */
    public function shown(string $field, ?float $value): string
    {
        $quantity = Units::quantityOf(self::field($field));

        // Degrees keep every digit they have: a hundredth of one is a kilometre.
        return $value === null ? '' : (string) ($quantity === 'plain' ? $value : $this->units->show($quantity, $value));
    }

    /** @return array<string, mixed> what was typed, in the lake's own units */
    public function read(Request $request, Lake $lake): array
    {
        $given = $request->validate(
            $this->rules($request, $lake),
            ['deep_ft.gte' => 'The deep end must not be shallower than the shallow end.', 'name.unique' => 'Another spot of this lake has this name.'],
            $this->names(),
        );
        foreach (self::NUMBERS as $field) {
            $given[$field] = isset($given[$field]) ? $this->units->take(Units::quantityOf(self::field($field)), (float) $given[$field]) : null;
        }
        $dock = $given['dock'] ?? [];
        $feet = fn (string $field): float => $this->units->take('depth', (float) $dock[$field]);
        $given['dock'] = isset($dock['kind']) ? [
            'kind' => $dock['kind'],
            'inside_ft' => $feet('inside_ft'),
            'outside_ft' => $feet('outside_ft'),
            'walkway_ft' => isset($dock['walkway_ft']) ? $feet('walkway_ft') : self::USUAL_WALKWAY_FT,
            'extras' => $dock['extras'] ?? [],
        ] : null;
        $given['cover'] ??= [];

        return $given;
    }

    /** @return array<string, list<mixed>> */
    private function rules(Request $request, Lake $lake): array
    {
        $id = $request->integer('id');
        $rules = [
            'id' => ['nullable', 'integer', Rule::exists(LakeSpot::class)->where('lake_id', $lake->id)],
            'name' => [
                'required',
                'string',
                'max:'.(int) FieldTable::one('spot', 'name')->most,
                ...($id > 0 ? [Rule::unique(LakeSpot::class)->where('lake_id', $lake->id)->ignore($id)] : []),
            ],
            'structure' => ['nullable', Rule::in(Structure::keys())], 'cover' => ['nullable', 'array'], 'cover.*' => [Rule::in(Cover::keys())],
            'bottom' => ['nullable', Rule::in(Bottom::keys())],
            'origin' => ['nullable', Rule::in(['typed', 'found'])],
            'dock' => ['nullable', 'array'], 'dock.kind' => ['nullable', Rule::in(DockKind::keys())], 'dock.extras' => ['nullable', 'array'],
            'dock.extras.*' => [Rule::in(Extra::keys())],
        ];
        foreach (self::NUMBERS as $field) {
            $rules[$field] = [in_array($field, ['lat', 'lon'], true) ? 'required' : 'nullable', 'numeric', 'between:'.implode(',', $this->units->span(self::field($field)))];
        }
        // Something to compare with: an empty shallow end is no end.
        if ($request->filled('shallow_ft')) {
            $rules['deep_ft'][] = 'gte:shallow_ft';
        }
        foreach (self::DOCK as $field) {
            $rules["dock.{$field}"] = [
                $field === 'walkway_ft' ? 'nullable' : 'required_with:dock.kind', 'nullable', 'numeric', 'between:'.implode(',', $this->units->span(self::field($field))),
            ];
        }

        return $rules;
    }

    /** @return array<string, string> the fields as the form calls them */
    private function names(): array
    {
        $names = [];
        foreach (self::NUMBERS as $field) {
            $names[$field] = $this->label($field);
        }
        foreach (self::DOCK as $field) {
            $names["dock.{$field}"] = $this->label($field);
        }

        return $names + ['dock.kind' => FieldTable::one('dock', 'kind')->words];
    }
}
