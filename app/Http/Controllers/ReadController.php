<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\FieldSheet;
use App\Day\Kept;
use App\Day\StateOfDay;
use App\Models\Trip;
use App\Show\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Day\Conditions\Assumption;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Plan\WorthAsking;
use OldEddy\Reading\WaterReader;

final class ReadController
{
    public function show(Trip $trip): View
    {
        $units = $trip->user->units();
        $reading = WaterReader::read(Settler::settle($trip->told()));
        $values = [];
        foreach (FieldSheet::groups() as $fields) {
            foreach ($fields as $field) {
                $values[$field->path] = StateOfDay::value($trip, $field, $units);
            }
        }

        return view('read.show', [
            'trip' => $trip,
            'groups' => FieldSheet::groups(),
            'values' => $values,
            'assumed' => $this->assumed($reading->day->assumed, $units),
            'notes' => StateOfDay::notes($trip, $units),
            'reading' => $reading,
            'scene' => Scene::ofReading($reading),
        ]);
    }

    /** What is worth saying next: reckoned apart from the page, which must not wait for it. */
    public function asks(Trip $trip): View
    {
        $day = Settler::settle($trip->told());

        return view('read.asks', ['asks' => Kept::of('asks', $day, static fn (): array => WorthAsking::of($day))]);
    }

    public function change(Request $request, Trip $trip): JsonResponse
    {
        $units = $trip->user->units();
        try {
            $field = $request->input('field');
            $trip = StateOfDay::change($trip, is_string($field) ? $field : '', $request->input('value'), $units);
        } catch (InvalidInput $e) {
            return new JsonResponse(['errors' => $e->toArray()], 422);
        }

        return $this->reading($trip);
    }

    /** The reading as it is now, with what the form shows of it. */
    public function reading(Trip $trip): JsonResponse
    {
        $units = $trip->user->units();
        $reading = WaterReader::read(Settler::settle($trip->told()));
        $values = [];
        foreach (['spot.shallow_ft', 'spot.deep_ft'] as $path) {
            $field = FieldSheet::field($path);
            $values[$path] = $field === null ? null : StateOfDay::value($trip, $field, $units);
        }

        return new JsonResponse([
            'html' => view('read.reading', ['trip' => $trip, 'reading' => $reading, 'scene' => Scene::ofReading($reading)])->render(),
            'values' => $values,
            'assumed' => $this->assumed($reading->day->assumed, $units),
        ]);
    }

    /**
     * @param  list<Assumption>  $assumed
     * @return array<string, string> what was assumed for each field, as the field would show it
     */
    private function assumed(array $assumed, Units $units): array
    {
        $shown = [];
        foreach ($assumed as $assumption) {
            $field = FieldSheet::field($assumption->path);
            if ($field !== null) {
                $shown[$assumption->path] = $field->kind === 'stepper'
                    ? (string) $units->show($field->quantity, (float) $assumption->value)
                    : str_replace('_', ' ', is_bool($assumption->value) ? ($assumption->value ? 'yes' : 'no') : (string) $assumption->value);
            }
        }

        return $shown;
    }
}
