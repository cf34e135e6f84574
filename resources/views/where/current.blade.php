{{-- A place in current, seen from above, north up: where fish sit, where to stand, the cast and the sweep. --}}
@php($place = $chosen->current)
@php($draw = new App\Drawing\CurrentDrawing($place))
<h3>In the current</h3>
<svg viewBox="-125 -115 250 230" class="current-plan" role="img" aria-label="{{ $units->say($place->text) }}">
    <g transform="{{ $draw->turn() }}">@foreach ($draw->flow() as $line)<path d="{{ $line }}" class="current-flow"/>@endforeach<path d="{{ $draw->obstacle() }}" class="current-block"/></g>
    <path d="{{ $draw->arrow('stand', 'cast') }}" class="current-cast"/>
    <path d="{{ $draw->arrow('cast', 'fish') }}" class="current-sweep"/>
    <g transform="translate({{ $draw->point($place->fishFt) }})"><circle r="7" class="plan-fish"/><text x="10" y="5">fish</text></g>
    <g transform="translate({{ $draw->point($place->standFt) }})"><path d="M-7 7 L0 -9 L7 7 Z" class="current-stand"/><text x="10" y="6">you</text></g>
    <text x="-120" y="-100">N ↑</text>
</svg>
<p class="muted">Dotted: the cast. Red: the way the current sweeps the lure.</p>
<p>{{ $units->say($place->text) }} Stand {{ $place->side }}; cast toward {{ round($place->castTowardDeg()) }}°, 
    the sweep goes toward {{ round($place->sweepTowardDeg()) }}°; about {{ $units->weight($place->weightOz) }}.
    @unless ($chosen->flowSaid) The current is taken to run along the bank: <a
    href="{{ route('lake', $chosen->spot->lake_id) }}">say where it flows</a>.@endunless <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S8') }}">because S8</a> <a class="rule-tag"
    href="{{ App\Show\RuleLink::to($trip, 'D4') }}">because D4</a></p>
