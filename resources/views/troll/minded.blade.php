@if ($spread->range)<p>These lures share {{ $units->boat($spread->range->fromMph) }} to {{ $units->boat($spread->range->toMph) }}; the spread runs {{ $units->boat($spread->speedMph) }}. <a class="rule-tag"
    href="{{ App\Show\RuleLink::to($trip, 'T3') }}">because T3</a></p>@endif
@if ($spread->refused || $minded)
    <ul class="tow-minded">
        @foreach ($spread->refused as $refused)<li><b>{{ ucfirst($refused['lure']->name()) }}:</b> {{ $units->say($refused['why']) }}</li>@endforeach
        @foreach ($minded as $one)<li>{{ $units->say($one) }}</li>@endforeach
    </ul>
@elseif ($turn)
    <p>Nothing meets in this turn.</p>
@endif
