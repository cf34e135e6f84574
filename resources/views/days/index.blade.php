@extends('layouts.page')
@section('title', 'Days')
@section('content')
    <h1>Days on the water</h1>
    @include('partials.errors')
    <div class="two">
        <section>
            <h2>Under way</h2>
            @forelse ($open as $day)
                @include('days.row', ['day' => $day])
            @empty
                <p>No day is open. Begin one: name the water and the date, and read it.</p>
            @endforelse
            @foreach ($aboard as $one)
                <p class="card"><a href="{{ route('fish', $one->trip) }}"><b>{{ $one->trip->name }}</b></a> {{ $one->trip->conditions['date'] ?? '' }}: aboard with {{ $one->trip->user->name }}, as {{ $one->name }}</p>
            @endforeach
            <div x-data="leftHere" data-angler="{{ auth()->id() }}" data-log="{{ str_replace('/0/', '/DAY/', route('log', 0)) }}" aria-live="polite">
                <template x-for="one in left" :key="one.trip"><div class="card"><p>Kept on this device, of a day you are not aboard any more: <span x-text="one.words"></span>.</p>
                    <div class="beside"><button type="button" @click="save(one)">Save as a file</button><button type="button" class="quiet" @click="forget(one)">Forget them</button></div></div></template>
            </div>
            <p><a href="{{ route('join') }}">Come aboard somebody’s boat</a></p>
            <h2 id="finished">Finished</h2>
            @forelse ($closed as $day)
                @include('days.row', ['day' => $day])
            @empty
                <p>None yet.</p>
            @endforelse
            @if ($closed->isNotEmpty())<p><a href="{{ route('look-back') }}">All of them, in the logbook</a></p>@endif
        </section>
        <div>
        <form method="post" action="{{ route('days.open') }}" class="card" x-data="newDay">
            @csrf
            <h2>A new day</h2>
            <input type="hidden" name="ask" value="{{ old('ask', $ask) }}">
            <input type="hidden" name="timezone" value="{{ old('timezone') }}" x-ref="zone">
            <label for="name">Water</label>
            <input id="name" name="name" value="{{ old('name') }}" @if ($lakes->isEmpty()) required @endif maxlength="80" placeholder="such as: upper arm, from the ramp">
            @if ($lakes->isNotEmpty())
                <label for="lake">One of your lakes</label>
                <select id="lake" name="lake" aria-describedby="lake-said"><option value="">none of them</option>@foreach ($lakes as $lake)<option value="{{ $lake->id }}"
                    @selected((int) old('lake', $lastLake) === $lake->id)>{{ $lake->name }}</option>@endforeach</select>
                <p class="muted" id="lake-said">Fish, usual visibility and rods are taken over from your last day there.</p>
            @endif
            <label for="species">Fish</label>
            <select id="species" name="species" @if ($open->isEmpty() && $closed->isEmpty()) required @endif><option value="">{{ $open->isEmpty() && $closed->isEmpty() ? 'which fish?' : 'as on the last day' }}</option>
                @foreach (OldEddy\Day\Season\Species::cases() as $one)<option value="{{ $one->value }}" @selected(old('species') === $one->value)>{{ $one->words() }}</option>@endforeach</select>
            <label for="date">Date</label>
            <input id="date" name="date" type="date" value="{{ old('date') }}" required x-ref="date">
            <label for="time">Hour, if you know it</label>
            <input id="time" name="time" type="time" value="{{ old('time') }}">
            <button type="submit" class="act">Read the water</button>
        </form>
        @if ($cares)<p class="notice">{{ $cares }} {{ $cares === 1 ? 'lure asks' : 'lures ask' }} for care:
            <a href="{{ route('box') }}#care">the box</a> says which. <a class="rule-tag" href="{{ route('rule', 'K1') }}">because K1</a></p>@endif
        <p><a href="{{ route('drill') }}">Drill</a>: practise on a hidden day.</p>
        </div>
    </div>
@endsection
