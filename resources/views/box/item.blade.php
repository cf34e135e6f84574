{{-- One item: what it is at a glance, all of it when it is opened. --}}
<article @class(['box-item', 'few' => $item->number === 0]) id="item-{{ $item->id }}">
    <details><summary><svg viewBox="0 0 40 20" aria-hidden="true"><use href="/lures.svg#{{ $item->lure }}"/></svg> @if ($item->color)<i class="swatch swatch-{{ $item->color }}" aria-hidden="true"></i>@endif <b>{{ $item->name
        ?? App\Show\Word::of($item->lure) }}</b> <span class="muted">{{ implode(', ', array_filter([$item->name === null ? null : App\Show\Word::of($item->lure), $item->color_name ?? ($item->color === null ? null
        : App\Show\Word::of($item->color)), $item->weight_oz === null ? null : $units->weight($item->weight_oz), $item->length_in === null ? null : $units->size($item->length_in), $item->rated_ft === null ? null : 'to '
        .$units->depth($item->rated_ft)])) }}</span> <b>× {{ $item->number }}</b>@foreach ($due[$item->id] ?? [] as $one) <span class="due">{{ $one }}</span>@endforeach @if ($item->lost_on)<span class="due">The last one was lost on {{
        $item->lost_on->toDateString() }}.</span>@endif</summary>
        <form method="post" action="{{ route('box.change', $item) }}" class="box-form">@csrf @method('PATCH')
            @include('box.fields', ['item' => $item, 'key' => "i{$item->id}", 'old' => false])
            <p class="beside"><button type="submit">Keep</button></p>
        </form>
        <div class="beside"><form method="post" action="{{ route('box.double', $item) }}">@csrf<button type="submit">Another like it</button></form><form method="post" action="{{ route('box.drop', $item) }}">@csrf
            @method('DELETE')<button type="submit">Out of the box</button></form></div>
    </details>
</article>
