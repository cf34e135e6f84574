<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\Answer;
use App\Day\FieldSheet;
use App\Day\Kept;
use App\Day\StateOfDay;
use App\Drawing\WaterByHand;
use App\Models\Trip;
use App\Show\Clock;
use App\Show\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\ForecastFile;
use OldEddy\Day\Conditions\Assumption;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Plan\Ask;
use OldEddy\Plan\WorthAsking;
use OldEddy\Reading\WaterReader;

final class ReadController
{
    public function show(Trip $trip): View
    {
        $units = $trip->user->units();
        $values = [];
        foreach (FieldSheet::groups() as $fields) {
            foreach ($fields as $field) {
                $values[$field->path] = StateOfDay::value($trip, $field, $units);
            }
        }

        $drawn = $this->drawn($trip);

        return view('read.show', [
            'groups' => FieldSheet::groups(), 'byPath' => FieldSheet::byPath(), 'values' => $values, 'notes' => StateOfDay::notes($trip, $units), ...$drawn,
            // What a hand tries out is drawn and forgotten; the day as it stands is looked at again.
            'picture' => Kept::drawn('picture by hand', $drawn['reading']->day, $units, static fn (): string => view('read.picture', $drawn)->render()),
        ]);
    }

    /** What is worth saying next: reckoned apart from the page, which must not wait for it. */
    public function asks(Trip $trip): View
    {
        $day = Settler::settle($trip->told());
        $units = $trip->user->units();

        return view('read.asks', ['asks' => array_map(
            static fn (Ask $ask): array => [$ask, array_map(static fn (array $answer): array => Answer::of($answer, $units), $ask->answers)],
            Kept::of('asks', $day, static fn (): array => WorthAsking::of($day)),
        )]);
    }

    /** The picture and the reading as they would be with some fields changed, while the hand still moves: nothing is kept. */
    public function tryOut(Request $request, Trip $trip): JsonResponse
    {
        try {
            $day = $trip;
            foreach ((array) $request->query('said') as $path => $value) {
                $day = StateOfDay::wouldBe($day, (string) $path, $value, $trip->user->units());
            }
        } catch (InvalidInput $e) {
            return new JsonResponse(['errors' => $e->toArray()], 422);
        }

        return new JsonResponse(WaterByHand::answer($this->drawn($day), picture: 'read.picture', reading: 'read.reading'));
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

    /** A forecast that was dropped on the page fills the hours of the day (W24); an empty one takes it away. */
    public function forecast(Request $request, Trip $trip): JsonResponse
    {
        $text = $request->validate(['text' => ['present', 'nullable', 'string', 'max:200000']], ['text.max' => 'A forecast of more than 200 kB is not taken.'])['text'] ?? '';
        try {
            $hours = trim($text) === '' ? null : ForecastFile::read($text, $trip->conditions['date'] ?? null);
            $checked = $hours === null ? [] : ConditionsReader::read(['forecast' => $hours] + $trip->conditions)->forecast;
        } catch (InvalidInput $e) {
            return new JsonResponse(['errors' => $e->toArray()], 422);
        }

        return new JsonResponse(['hours' => count($checked)] + $this->asItIs(StateOfDay::put($trip, 'forecast', $hours)));
    }

    /** The reading as it is now, with what the form shows of it. */
    public function reading(Trip $trip): JsonResponse
    {
        return new JsonResponse($this->asItIs($trip));
    }

    /** @return array<string, mixed> */
    private function asItIs(Trip $trip): array
    {
        $units = $trip->user->units();
        $values = [];
        foreach (['spot.shallow_ft', 'spot.deep_ft'] as $path) {
            $field = FieldSheet::field($path);
            $values[$path] = $field === null ? null : StateOfDay::value($trip, $field, $units);
        }
        $drawn = $this->drawn($trip);

        return ['values' => $values, 'assumed' => $drawn['assumed']] + WaterByHand::answer(
            $drawn, picture: 'read.picture', season: 'read.season', reading: 'read.reading', chips: 'read.chips', because: 'read.because',
        );
    }

    /** @return array<string, mixed> a day with its reading, drawn */
    private function drawn(Trip $trip): array
    {
        $units = $trip->user->units();
        $reading = WaterReader::read(Settler::settle($trip->told()));
        $shown = $this->assumed($reading->day->assumed, $units);

        return [
            'trip' => $trip, 'assumed' => $shown, 'chips' => $this->chips($reading->day->assumed, $shown, $units),
        ] + WaterByHand::of($reading, $units);
    }

    /**
     * What was assumed and a tap can say; where on earth it is no angler guesses.
     *
     * @param  list<Assumption>  $assumed
     * @param  array<string, string>  $shown  by path, as a field shows it
     * @return list<array{path: string, value: string, words: string, why: string}>
     */
    private function chips(array $assumed, array $shown, Units $units): array
    {
        $chips = [];
        foreach ($assumed as $one) {
            $field = FieldSheet::field($one->path);
            if ($field !== null && ! in_array($one->path, ['lat', 'lon'], true)) {
                $said = trim($shown[$one->path].' '.($field->kind === 'stepper' ? $units->word($field->quantity) : ''));
                $asShown = in_array($field->kind, ['stepper', 'time'], true);
                $chips[] = [
                    'path' => $one->path, 'value' => $asShown ? $shown[$one->path] : (is_bool($one->value) ? (string) (int) $one->value : (string) $one->value),
                    'words' => lcfirst($field->label).' '.$said, 'why' => $units->say($one->text),
                ];
            }
        }

        return $chips;
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
                $shown[$assumption->path] = match (true) {
                    $field->kind === 'stepper' => (string) $units->show($field->quantity, (float) $assumption->value),
                    $field->kind === 'time' => Clock::of((int) $assumption->value),
                    is_bool($assumption->value) => $assumption->value ? 'yes' : 'no',
                    default => str_replace('_', ' ', (string) $assumption->value),
                };
            }
        }

        return $shown;
    }
}
