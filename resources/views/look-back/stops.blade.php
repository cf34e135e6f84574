{{-- First fish and leaving, by structure. --}}
@if ($stops = $review->stops())
    <table class="parts" tabindex="0">
        <caption>How long you stay</caption>
        <thead><tr><th scope="col">place</th><th scope="col" class="num">visits</th><th scope="col" class="num">casts</th><th scope="col" class="num">first contact at cast</th><th scope="col" class="num">blank when left</th><th
            scope="col" class="num">minutes</th></tr></thead>
        @foreach ($stops as $one)
            <tr><td>@if ($one->structure)<a href="{{ route('look-back', $asked + ['by' => "structure:{$one->structure}"]) }}">{{ App\Show\Word::of($one->structure) }}</a>@else not said
                @endif</td><td class="num">{{ $one->stops }}</td><td class="num">{{ round((float) $one->casts) }}</td><td class="num">{{ $one->first === null ? '–'
                : round((float) $one->first) }}</td><td class="num">{{ round((float) $one->blank) }}</td><td class="num">{{ $one->minutes === null ? '–' : round((float) $one->minutes) }}</td></tr>
        @endforeach
    </table>
@endif
