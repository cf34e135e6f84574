@extends('layouts.page')
@section('title', 'Season start')
@section('content')
    <div class="rack-head"><h1>Season start</h1><a href="{{ route('box') }}">The box</a></div>
    @if ($box->items->isEmpty())
        <p>The box is empty: <a href="{{ route('box') }}">put in what you own</a>, and this page says how to sort it and what was short.</p>
    @else
        @include('box.row-of-lures')
        <div class="two">
            <section aria-label="Shopping list">
                <h2>Shopping list <a class="rule-tag" href="{{ route('rule', 'K3') }}">because K3</a></h2>
                <ul class="shopping">
                    @foreach ($lost as $item)<li>The last {{ $item->name ?? App\Show\Word::of($item->lure) }}{{ $item->color ? ' in '.App\Show\Word::of($item->color) : '' }} is gone{{
                        $item->lost_on ? ', lost on '.$item->lost_on->toDateString() : '' }}.</li>@endforeach
                    @forelse ($wanted as $one)
                        <li>{{ $one['text'] }} <details><summary>{{ count($one['days']) }} {{ count($one['days']) === 1 ? 'day' : 'days' }} asked for it</summary>@foreach ($one['days'] as [$id,
                            $date])<a
                            href="{{ route('look-back.day', $id) }}">{{ $date }}</a> @endforeach</details></li>
                    @empty
                        @if ($lost->isEmpty())<li>None of your last forty days asked for anything the box does not hold.</li>@endif
                    @endforelse
                </ul>
            </section>
            <section aria-label="Care">
                <h2>Before the first day</h2>
                <ul>
                    @forelse ($due as $id => $says)
                        @php($item = $box->items->firstWhere('id', $id))
                        <li><a href="{{ route('box') }}#item-{{ $id }}">{{ $item->name ?? App\Show\Word::of($item->lure) }}</a>: {{ implode(' ', $says) }}</li>
                    @empty
                        <li>Nothing is due by what you noted.</li>
                    @endforelse
                </ul>
            </section>
        </div>
    @endif
@endsection
