{{-- From what the angler casts, and his rod; its size is a sign's, not to scale. --}}
@php([$tipX, $tipY] = $draw->tip())
<g class="angler" transform="translate({{ $draw->x(0) + ($draw->small ? 16 : 22) }} {{ $draw->line }})@if ($draw->small) scale(.5)@endif">
    @if ($above->platform->value === 'boat')
        <path d="M-30-5l5 12h66q9-3 13-14z" class="hull"/><path d="M10-6v-18m0 3l9 8m-9-8l-7 9"/><circle cx="10" cy="-29" r="4.500" class="head"/>
    @elseif ($above->platform->value === 'kayak')
        <path d="M-28-3q8 8 20 8h34q14 0 22-8q-36 3-76 0z" class="hull"/><path d="M8-3l2-14m0 3l9 6m-11 8l9-2"/><circle cx="11" cy="-22" r="4.500" class="head"/>
    @else
        <path d="M-40-8h34q6 2 8 9l3 12" class="hull bank"/><path d="M-10-8l2-12l1-9m1 3l14 4m-15 5l7 14"/><circle cx="-6" cy="-34" r="4.500" class="head"/>
    @endif
    <path d="M18-18q16-14 34-24" class="rod"/>
</g>
