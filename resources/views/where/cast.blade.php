{{-- The line of the cast: from above, and the bottom under it. --}}
@php($cast = $chosen->cast())
@php($line = $cast->line())
@if ($line)
    @php($read = $cast->shown())
    <h3>The line of the cast</h3>
    @php($near = App\Drawing\PlanDrawing::near($lake, $day->riseFt(), $spot->position(), App\Waters\CastHere::AROUND_M))
    @if ($near)
        @include('where.near', ['title' => "The cast at {$spot->name}, from above.", 'lines' => App\Drawing\WhereDrawing::cast($near, $cast)])
    @endif
    <p>Boat {{ $cast->kept ? ($spot->cast_line['from'] === 'drawn' ? 'where it was drawn' : 'where it lay when a fish came') : 'in deeper water' }}, cast toward <b>{{ round($line->bearingDeg) }}°</b>,
        {{ $units->depth($line->lengthFt) }} far.@if ($read) It stays at {{ $units->band(...$read->bandFt) }} for <b>{{ $read->seconds }} s</b>; straight across it would be {{ $read->secondsAcross }} s.@endif
        <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S25') }}">because S25</a></p>
    @if ($read)
        @php($draw = new App\Drawing\CastDrawing($read))
        <svg viewBox="0 0 {{ App\Drawing\CastDrawing::WIDTH }} {{ App\Drawing\CastDrawing::HEIGHT }}" class="cast-slice" role="img" aria-label="The bottom under the cast: boat at the left">
            <rect x="{{ $draw->left() }}" width="{{ $draw->wide() }}" y="{{ $draw->y($read->bandFt[0]) }}" height="{{ $draw->bandHigh() }}" class="cast-band"/>
            <path d="M{{ $draw->left() }} {{ $draw->y(0) }}H{{ $draw->left() + $draw->wide() }}" class="ribbon-line"/>
            <polyline points="{{ $draw->bottom() }}" class="cast-bottom"/><polyline points="{{ $draw->stay() }}" class="cast-stay"/>
            <text x="{{ $draw->left() }}" y="14">boat, {{ $units->depth($read->bottom[0][1]) }}</text><text x="{{ $draw->left() + $draw->wide() }}" y="14"
                text-anchor="end">{{ $units->depth($line->lengthFt) }} out</text>
            <text x="{{ $draw->left() }}" y="{{ App\Drawing\CastDrawing::HEIGHT - 4 }}" class="muted">depths stretched {{ $draw->stretch() }} times</text>
        </svg>
        <p>Off by {{ $units->depth($read->aside[1][0]) }} to the worse side {{ $read->aside[1][1] }} s are left, by {{ round($read->awry[1][0]) }}° {{ $read->awry[1][1] }} s. Half is gone at {{ $units->depth($read->halfFt) }}
            or {{ $read->halfDeg }}°. <span class="muted">The chart's cells are {{ $units->depth($read->cellFt) }} wide: no line is known better than by a part of that.</span></p>
    @endif
    @if ($cast->off)<p role="status"><b>{{ $units->say($cast->off->words()) }}</b></p>@endif
@endif
