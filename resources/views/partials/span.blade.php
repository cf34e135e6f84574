{{-- A rate as a dot at $at (null where nothing is claimed), with the span $from to $to that holds it four times in five; $mark: a line to be held against. --}}
<svg viewBox="0 0 204 18" class="plot-line" role="img" aria-label="{{ $says }}"><line x1="0" x2="204" y1="17.5" y2="17.5" class="plot-base"/><line x1="{{ $from }}" x2="{{ $to }}" y1="9" y2="9" class="plot-span"/>
    @if ($at !== null)<circle cx="{{ $at }}" cy="9" r="4" class="plot-dot {{ $claim ?? '' }}"/>@endif @if (($mark ?? null) !== null)<path d="M{{ $mark }} 0 v18" class="ribbon-now"/>@endif</svg>
