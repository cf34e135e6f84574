{{-- What fired, by line-minute (T10). --}}
<section aria-label="What fired">
    <h2>What fired</h2>
    @if ($shift = $tow->shift())<p class="lede">{{ $units->say($shift->text()) }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'T10') }}">because T10</a></p>@endif
    @if ($turns = $tow->fired()->turns())<p>{{ $units->say($turns) }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'T10') }}">because T10</a></p>@endif
    <p>{{ ucfirst($tow::words($tow->fired())) }}.</p>
    <table class="parts">
        <tr><th>line</th><th class="num">in the water</th><th class="num">contacts</th><th class="num">in a line-hour</th></tr>
        @foreach ($tow->fired()->byLine() as $key => $line)
            <tr><td>{{ App\Show\Word::of($key) }}</td><td class="num">{{ round($line['minutes']) }} min</td><td class="num">{{ $line['contacts'] }}</td><td class="num">{{
                $tow::rate('%.1f', $line['minutes'], $line['contacts'], OldEddy\Troll\Fired::ONE_TELLS_MIN) }}</td></tr>
        @endforeach
    </table>
    @php($weighed = $tow->byCourse()->evidence)
    @foreach (['let_out' => 'let out', 'depth' => 'depth', 'lure' => 'lure', 'color' => 'color', 'side' => 'side', 'position' => 'position', 'heading' => 'heading', 'boat_speed' => 'speed over ground'] as $factor => $words)
        @if (count($levels = $weighed->levelsOf($factor)) > 1)
            <p><b>{{ ucfirst($words) }}:</b> @foreach ($levels as $level){{ $loop->first ? '' : '; ' }}<span class="verdict-{{ $level->claim->value }}">{{ $units->level($level->level)
                }}</span> <span class="muted">{{ $level->contactCount }} in {{ $level->casts }} min</span>@endforeach</p>
        @endif
    @endforeach
</section>
