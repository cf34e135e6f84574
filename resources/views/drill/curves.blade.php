{{-- How contacts came, the angler's and the advice's. --}}
<figure class="curves">
    <svg viewBox="0 0 {{ App\Drawing\CurveDrawing::WIDTH }} {{ App\Drawing\CurveDrawing::HEIGHT }}" role="img" aria-label="Contacts over {{ $unit }}: you {{ round($mineWorth, 1) }}, the advice {{ round($itsWorth, 1) }}">
        <path d="M{{ $curves->x(0) }} {{ $curves->y($curves->most) }} V{{ $curves->y(0) }} H{{ $curves->x($curves->casts) }}" class="curve-axis"/>
        <polyline points="{{ $curves->steps(0) }}" class="curve-mine"/>
        <polyline points="{{ $curves->steps(1) }}" class="curve-advice"/>
        <text x="0" y="{{ $curves->y($curves->most) + 10 }}">{{ $curves->most }}</text>
        <text x="{{ $curves->x($curves->casts) }}" y="{{ App\Drawing\CurveDrawing::HEIGHT - 6 }}" text-anchor="end">{{ $curves->casts }} {{ $unit }}</text>
    </svg>
    <figcaption><svg viewBox="0 0 40 10" width="40" height="10" aria-hidden="true"><path d="M0 5 H40" class="curve-mine"/></svg> you <svg viewBox="0 0 40 10" width="40" height="10"
        aria-hidden="true"><path d="M0 5 H40" class="curve-advice"/></svg> the advice</figcaption>
</figure>
