{{-- Rates of levels without an order, the best first. --}}
<table class="plot" data-factor="{{ $factor }}">
    <caption>{{ $title }}</caption>
    <thead><tr><th scope="col">level</th><th scope="col" class="plot-scale"><span>0</span><span>{{ round($draw->top) }} per 100</span></th><th scope="col" class="num">casts</th><th scope="col" class="num">contacts</th></tr></thead>
    <tbody>
    @foreach ($rates as $rate)
        @php([$low, $high] = $rate->span())
        <tr @class(['few' => ! $rate->isClaimed()])>
            <td><a href="{{ route('look-back', $asked + ['by' => "{$factor}:{$rate->level}"]) }}">{{ ['offered' => 'as offered', 'own_way' => 'own way'][$rate->level] ?? $draw->said($factor, $rate->level) }}</a></td>
            <td>@include('partials.span', ['says' => $draw->rate($rate).($rate->isClaimed() ? '' : ', too few casts to say'), 'from' => $draw->x($low), 'to' => $draw->x($high),
                'at' => $rate->isClaimed() ? $draw->x($rate->perHundred()) : null])</td>
            <td class="num" data-casts="{{ $rate->level }}">{{ number_format($rate->casts) }}</td><td class="num" data-contacts="{{ $rate->level }}">{{ number_format($rate->contacts) }}</td>
        </tr>
    @endforeach
    </tbody>
</table>
