{{-- Lengths of the fish caught, and the condition of those weighed by a scale. --}}
@foreach ($fish->lengths as $species => $lengths)
    @php($bars = new App\Drawing\LengthsDrawing($lengths))
    <figure class="rates-columns" data-lengths="{{ $species }}">
        <figcaption>Lengths: {{ App\Show\Word::of($species) }}, {{ array_sum($lengths) }} measured</figcaption>
        <svg viewBox="0 0 {{ $bars->width() }} 120" style="max-width: {{ $bars->width() }}px" role="group" aria-label="{{ implode(', ', array_map(fn ($in, $n) => "{$n} of ".$units->size($in).' and
            over', array_keys($lengths), $lengths)) }}">
            @foreach ($bars->bars() as $bar)<a href="{{ route('look-back', $asked + ['by' => "length:{$bar['inches']}", 'species' => $species]) }}"><title>{{ $bar['n'] }} of {{
                $units->size($bar['inches']) }} and over</title><rect x="{{ $bar['x'] }}" y="{{ $bar['y'] }}" width="14" height="{{ $bar['tall'] }}" class="length-bar"/><text x="{{ $bar['x'] + 7 }}" y="{{ $bar['y']
                - 3 }}"
                text-anchor="middle">{{ $bar['n'] }}</text></a>@if ($bar['written'])<text x="{{ $bar['x'] + 7 }}" y="114" text-anchor="middle">{{ round($units->showSize($bar['inches']))
                    }}</text>@endif @endforeach
            <line x1="0" x2="{{ $bars->width() }}" y1="100" y2="100" class="calendar-line"/>
        </svg>
        <p class="muted">{{ $units->sizeWord() }}</p>
    </figure>
@endforeach
@if ($fish->condition)
    <table class="parts" tabindex="0">
        <caption>Condition: relative weight, 100 is a fish in good shape</caption>
        <thead><tr><th scope="col">month</th><th scope="col">species</th><th scope="col" class="num">by the scale</th><th scope="col" class="num">relative weight</th></tr></thead>
        @foreach ($fish->condition as $one)
            <tr><td><a href="{{ route('look-back', $asked + ['by' => "month:{$one['month']}"]) }}">{{ $one['month'] }}</a></td><td>{{ App\Show\Word::of($one['species']) }}</td><td class="num">{{
                $one['fish'] }}</td><td class="num">{{ round($one['relative']) }}</td></tr>
        @endforeach
    </table>
    <p class="muted">After Wege and Anderson. <a class="rule-tag" href="{{ route('rule', 'Y6') }}">because Y6</a></p>
@endif
