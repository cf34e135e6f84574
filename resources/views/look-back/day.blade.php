@extends('layouts.page')
@section('title', 'Look back')
@section('main-class', 'sheet one-page')
@section('content')
    @php($as = ['trip' => $trip, 'spots' => $spots->mode, 'positions' => (int) $spots->positions])
    @include('look-back.tabs')
    @include('partials.errors')
    <div class="report-two">
    @include('look-back.report')
    <aside class="report-tools">
        <form method="post" action="{{ route('notes', $trip) }}" class="card">@csrf @method('PUT')
            <h2><label for="notes">Your notes</label></h2>
            <textarea id="notes" name="notes" rows="6" maxlength="10000">{{ old('notes', $trip->notes) }}</textarea>
            <button type="submit">Keep them</button>
        </form>
        <form method="get" action="{{ route('look-back.day', $trip) }}" class="card">
            <h2>Show it to somebody</h2>
            <label><span class="field-label">spots</span><select name="spots">@foreach (['named' => 'by their names', 'section' => 'only the arm or section', 'hidden' => 'hidden'] as $value => $words)<option value="{{ $value }}"
                @selected($spots->mode === $value)>{{ $words }}</option>@endforeach</select></label>
            <label class="check"><input type="checkbox" name="positions" value="1" @checked($spots->positions)> positions of named spots as well</label>
            <button type="submit">Show it so</button>
            <p class="beside"><a href="{{ route('report.picture', $as) }}">As a picture</a> <a href="{{ route('report.text', $as) }}">As plain text</a> <button type="button" class="quiet" data-prints>Print</button></p>
        </form>
        <div class="card">
            <h2>A link to it</h2>
            @if ($share)
                <p><a href="{{ route('shared', $share->token) }}">{{ route('shared', $share->token) }}</a></p>
                <p class="muted">Whoever has it reads the report without an account: spots {{ ['named' => 'by name', 'section' => 'by section', 'hidden' => 'hidden'][$share->spots] }}, {{ $share->positions ? 'with' : 'without' }}
                    positions. Searching machines are told to leave it out.</p>
                <form method="post" action="{{ route('unshare', $trip) }}">@csrf @method('DELETE')<button type="submit">Take it back</button></form>
            @else
                <p class="muted">As the report stands here now: spots {{ ['named' => 'by name', 'section' => 'by section', 'hidden' => 'hidden'][$spots->mode] }}, {{ $spots->positions ? 'with' : 'without' }} positions.</p>
            @endif
            <form method="post" action="{{ route('share', $trip) }}">@csrf @method('PUT')<input type="hidden" name="spots" value="{{ $spots->mode }}"><input type="hidden" name="positions" value="{{ (int) $spots->positions }}"><button
                type="submit">{{ $share ? 'Let it show what stands here' : 'Make a link' }}</button></form>
        </div>
    </aside>
    </div>
@endsection
