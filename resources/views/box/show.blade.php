@extends('layouts.page')
@section('title', 'Box')
@section('content')
    @php($due = $box->due($today))
    <div class="rack-head"><h1>The box <small>{{ $box->items->sum('number') }} lures, {{ $box->items->where('number', '>', 0)->unique('lure')->count() }} families</small></h1>
        <a href="#add">Put one in</a> @if ($box->items->isNotEmpty())<a href="#care">Care</a>@endif
        <a href="{{ route('box.start') }}">Season start: what to sort, what to buy</a></div>
    @include('partials.errors')
    @if ($box->items->isEmpty())
        <p>Nothing is in it yet, so that every lure counts as yours. From its first item on, the lineup, the rods and the colors come from it. <a class="rule-tag" href="{{ route('rule', 'K4') }}">because K4</a></p>
    @else
        @include('box.row-of-lures')
    @endif
    <div class="two">
        <section aria-label="What is in it">
            <h2>What is in it</h2>
            @forelse ($box->items as $item)
                @include('box.item')
            @empty
                <p>Add the first one.</p>
            @endforelse
        </section>
        <div>
            @include('box.add')
            @if ($box->items->isNotEmpty())@include('box.care')@endif
            <div class="card">
                <h2>As a table</h2>
                <p><a href="{{ route('box.give') }}">Give it out as CSV</a></p>
                <form method="post" action="{{ route('box.take') }}" enctype="multipart/form-data">@csrf
                    <label for="box-file">Take a CSV in: columns lure, color, weight_oz, length_in, rated_ft (ounces, inches, feet), number and more; what is there already is not doubled</label>
                    <input id="box-file" type="file" name="file" accept=".csv,text/csv" required>
                    <button type="submit">Take it in</button>
                </form>
            </div>
        </div>
    </div>
@endsection
