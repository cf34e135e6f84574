{{-- Rates of levels without an order, the best first. --}}
<table class="plot" data-factor="{{ $factor }}">
    <caption>{{ $title }}</caption>
    <thead><tr><th scope="col">level</th><th scope="col" class="plot-scale"><span>0</span><span>{{ round($draw->top) }} per 100</span></th><th scope="col" class="num">casts</th><th scope="col" class="num">contacts</th></tr></thead>
    <tbody>
    @foreach ($rates as $rate)
        @php([$low, $high] = $rate->span())
        <tr @class(['few' => ! $rate->isClaimed()])>
            <td><a href="{{ route('look-back', $asked + ['by' => "{$factor}:{$rate->level}"]) }}">{{ ['offered' => 'as offered', 'own_way' => 'own way'][$rate->level] ?? $draw->said($factor, $rate->level) }}</a></td>
            <td><svg viewBox="0 0 204 18" class="plot-line" role="img" aria-label="{{ $draw->rate($rate) }}{{ $rate->isClaimed() ? '' : ', too few casts to say' }}"><line x1="0" x2="204" y1="17.5" y2="17.5"
                class="plot-base"/><line x1="{{ $draw->x($low) }}" x2="{{ $draw->x($high) }}" y1="9" y2="9" class="plot-span"/>@if ($rate->isClaimed())<circle cx="{{
                    $draw->x($rate->perHundred()) }}" cy="9" r="4" class="plot-dot"/>@endif</svg></td>
            <td class="num" data-casts="{{ $rate->level }}">{{ number_format($rate->casts) }}</td><td class="num" data-contacts="{{ $rate->level }}">{{ number_format($rate->contacts) }}</td>
        </tr>
    @endforeach
    </tbody>
</table>
