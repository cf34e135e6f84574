<h2>Because</h2>
@include('partials.because', ['reasons' => [
    [$reading->stage->why, 'STAGES', null],
    ...array_map(fn ($f) => [$f->text, $f->id, $f->school], $reading->findings()),
]])
<details>
    <summary>How eager, in parts</summary>
    <table class="parts">
        @foreach ($reading->mood->parts as $part)
            <tr><td>{{ $units->say($part->text) }}</td><td class="num">{{ sprintf('%+.2f', $part->value) }}</td></tr>
        @endforeach
        <tr><th scope="row">together <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'F12') }}">because F12</a></th><td class="num">{{ sprintf('%+.2f',
            $reading->mood->value) }}</td></tr>
    </table>
</details>
@if ($reading->day->assumed)
    <details class="assumed">
        <summary>Why it was assumed so</summary>
        <ul>
            @foreach ($reading->day->assumed as $assumption)
                <li><a href="#{{ App\Day\FieldSheet::anchor($assumption->path) }}">{{ $units->say($assumption->text) }}</a></li>
            @endforeach
        </ul>
    </details>
@endif
<p><a href="{{ route('sections', $trip) }}">Compare sections of the lake</a> · <a href="{{ route('boat', $trip) }}">The boat's instruments</a></p>
