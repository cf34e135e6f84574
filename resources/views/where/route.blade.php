<section aria-label="The day's route">
    <h2>The day's route</h2>
    @if ($trip->route)
        @if ($trip->route->note)<p class="trouble">{{ $trip->route->note }}</p>@endif
        <ol class="route">@foreach ($trip->route->stops as $stop)<li>{{ $clock($stop->at) }}–{{ $clock($stop->to) }} <b>{{ $stop->name }}</b> <span
            class="muted">{{ App\Waters\DayRoute::underWay($stop->runMin, $stop->runFt, $units) }}@if ($asked->fuelPerHour), fuel {{ $stop->fuel }}@endif</span></li>@endforeach</ol>
        <p>Back by {{ $clock($trip->route->backAt) }}, {{ App\Waters\DayRoute::underWay($trip->route->homeMin,
            $trip->route->homeFt, $units) }}.@if ($asked->fuelPerHour) Fuel for the day: {{ $trip->route->fuel }}.@endif <a href="{{ route('where.sheet', $trip) }}">On one page, with the rack</a></p>
        <form method="post" action="{{ route('where.again', $trip) }}" class="beside" {{ App\Log\KeptForm::of($trip, json_encode(['kind' => 'route', 'again' => 'yes'])) }}>@csrf<button type="submit">From now on, anew</button> <span
            class="muted">from this minute and this place, without what was fished</span> <span class="muted" role="status" x-text="kept" x-show="kept" x-cloak></span></form>
    @endif
    @if ($trip->route && $trip->route->slowedMin > 0)<p>Waves to {{ $units->depth($trip->route->waveFt) }} and no-wake water: {{ $trip->route->slowedMin }} min more under way than on flat water.</p>@endif
    @if ($spots->count() > App\Waters\DayOnLake::CLOSELY)<p
        class="muted">A route chooses among the {{ App\Waters\DayOnLake::CLOSELY }} spots of {{ $spots->count() }} that promise most today, and those that must be on it.</p>@endif
    <details @if ($errors->any()) open @endif><summary>{{ $trip->route ? 'Wish otherwise' : 'Plan it' }}</summary>
    <form method="post" action="{{ route('where.route', $trip) }}" class="entry-form" data-whole {{ App\Log\KeptForm::of($trip, json_encode(['kind' => 'route', 'units' => $units->metric ? 'metric' : 'us'])) }}>
        @csrf
        <label><span class="field-label">from</span><input type="time" name="from" value="{{ old('from', $clock($asked->from)) }}" required></label>
        <label><span class="field-label">back by</span><input type="time" name="to" value="{{ old('to', $clock($asked->to)) }}" required></label>
        <label><span class="field-label">minutes a stop</span><input name="minutes" inputmode="decimal" value="{{ old('minutes', $asked->minutes) }}" required></label>
        <label><span class="field-label">boat, {{ $units->word('speed') }}</span><input name="speed" inputmode="decimal" value="{{ old('speed', $speed($asked->craft->speed->mph())) }}" required></label>
        <label><span class="field-label">water it needs, {{ $units->word('depth') }}</span><input name="draft" inputmode="decimal" value="{{ old('draft', $units->show('depth', $asked->craft->draftFt)) }}"></label>
        <label><span class="field-label">fuel an hour, if you like</span><input name="fuel_per_hour" inputmode="decimal" value="{{ old('fuel_per_hour', $asked->fuelPerHour) }}"></label>
        <label><span class="field-label">start at</span><select name="start"><option value="">{{ $lake->ramp_lat === null ? 'the first spot' : 'the ramp' }}</option>@foreach ($wishes as $s)<option
            value="{{ $s->id }}" @selected((int) old('start', $asked->start) === $s->id)>{{ $s->name }}</option>@endforeach</select></label>
        <details class="wide-cell" @if ($asked->locked || $asked->forbidden || old('wish')) open @endif><summary>Spots that must be on it, or must not</summary>
            <div class="entry-form">
            @foreach ($wishes as $s)
                @php($wish = old("wish.{$s->id}", $asked->onRoute($s->id)->value))
                <label><span class="field-label">{{ $s->name }}</span><select name="wish[{{ $s->id }}]">@foreach ([OldEddy\Where\Route\OnRoute::May,
                    OldEddy\Where\Route\OnRoute::Must, OldEddy\Where\Route\OnRoute::Out] as $one)<option value="{{ $one->value }}" @selected($wish === $one->value)>{{ $one->words() }}</option>@endforeach</select></label>
            @endforeach
            </div>
        </details>
        <button type="submit" class="act">Plan the route</button> <span class="muted" role="status" x-text="kept" x-show="kept" x-cloak></span>
    </form></details>
</section>
