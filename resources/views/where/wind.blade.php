{{-- Which bay is warmest is a question of several days of wind. --}}
<details @if ($errors->has('days.*')) open @endif><summary>Wind of the days before</summary>
    <form method="post" action="{{ route('where.wind', $trip) }}" class="entry-form">@csrf
        @foreach (App\Waters\DaysBefore::shown($trip, $units) as $i => $row)
            <label><span class="field-label">{{ $row['words'] }}, {{ $units->word('speed') }}</span><input name="days[{{ $i }}][wind]" inputmode="decimal" value="{{ old("days.{$i}.wind", $row['wind']) }}"></label>
            <label><span class="field-label">from, degrees</span><input name="days[{{ $i }}][from]" inputmode="numeric" value="{{ old("days.{$i}.from", $row['from']) }}"></label>
        @endforeach
        <button type="submit">Keep</button>
    </form>
    <p class="muted">Filled from your own days here, the boat or a forecast where they know it; what you type goes first. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'W23') }}">because W23</a></p>
</details>
