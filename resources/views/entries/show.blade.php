@extends('layouts.page')
@section('title', 'The log')
@section('content')
    <h1>The log, put right</h1>
    <p><a href="{{ route('confirm', $trip) }}">Back to the evidence</a>. Whatever is changed here is weighed anew at once.</p>
    @include('partials.errors')
    @forelse ($stints as $stint)
        <details class="entry" @if ($loop->last) open @endif>
            @php($outside = $moments->outside($stint->started_at->format('Y-m-d\TH:i:s')))
            <summary>@if ($outside)<span
                class="leave">{{ $stint->started_at->format('Y-m-d') }}</span> @endif{{ $stint->started_at->format('H:i') }} · {{ App\Show\Word::of($stint->lure) }} at {{ $stint->spot }} ·
                {{ $stint->cast_count }} casts, {{ $stint->contacts->count() }} {{ $stint->contacts->count() === 1
                ? 'contact' : 'contacts' }}</summary>
            @if ($outside)<p class="trouble">{{ $outside }} Was the clock of the device right?</p>@endif
            <form method="post" action="{{ route('entries.change', $trip) }}" class="entry-form">
                @csrf
                <input type="hidden" name="id" value="{{ $id() }}"><input type="hidden" name="kind" value="amend"><input type="hidden" name="stint" value="{{ $stint->id }}">
                @foreach (['spot' => $stint->spot, 'casts' => $stint->cast_count, 'depth' => $units->show('depth', $stint->depth_ft), 'angler' => $stint->angler] as $field => $value)
                    <label><span class="field-label">{{ $field }}@if ($field === 'depth'), {{ $units->word('depth') }}@endif</span><input name="fields[{{ $field }}]" value="{{ $value }}"
                        @if (in_array($field, ['casts', 'depth'], true)) inputmode="decimal" @endif></label><input type="hidden" name="was[{{ $field }}]" value="{{ $value }}">
                @endforeach
                @foreach ($ofStint as $field => $options)
                    @include('entries.pick', ['field' => $field, 'options' => $options, 'value' => $stint->$field])
                @endforeach
                <button type="submit" class="act">Keep</button>
            </form>
            <form method="post" action="{{ route('entries.change', $trip) }}" class="beside">@csrf<input type="hidden" name="id" value="{{ $id() }}"><input type="hidden" name="kind"
                value="remove"><input type="hidden" name="stint" value="{{ $stint->id }}"><button type="submit" class="quiet">Take this stint out</button></form>
            @foreach ($stint->contacts as $contact)
                <form method="post" action="{{ route('entries.change', $trip) }}" class="entry-form contact">
                    @csrf
                    <input type="hidden" name="id" value="{{ $id() }}"><input type="hidden" name="kind" value="detail"><input type="hidden" name="contact" value="{{ $contact->id }}">
                    <strong>{{ $contact->at->format('H:i') }} {{ $contact->kind }}, cast {{ $contact->at_cast }}</strong>
                    @foreach (['length', 'depth'] as $field)
                        <label><span class="field-label">{{ $field }}, {{ $field === 'length' ? $units->sizeWord() : $units->word('depth') }}</span><input name="fields[{{ $field }}]"
                            value="{{ $contact->shown($field, $units) }}" inputmode="decimal"></label><input type="hidden" name="was[{{ $field }}]" value="{{ $contact->shown($field, $units) }}">
                    @endforeach
                    @foreach ($ofContact as $field => $options)
                        @include('entries.pick', ['field' => $field, 'options' => $options, 'value' => $contact->$field, 'required' => $field === 'kind'])
                    @endforeach
                    @if ($contact->lat !== null)<span class="muted">at {{ $contact->lat }}, {{ $contact->lon }}{{ ($near = $trip->lake?->nearest($contact->lat, $contact->lon)) ? ', by '.$near->name
                        : '' }}</span>@endif
                    <button type="submit" class="act">Keep</button>
                </form>
                <form method="post" action="{{ route('entries.change', $trip) }}" class="beside">@csrf<input type="hidden" name="id" value="{{ $id() }}"><input type="hidden" name="kind"
                    value="remove"><input type="hidden" name="contact" value="{{ $contact->id }}"><button type="submit" class="quiet">Take this contact out</button></form>
            @endforeach
            <form method="post" action="{{ route('entries.change', $trip) }}" class="beside">
                @csrf
                <input type="hidden" name="id" value="{{ $id() }}"><input type="hidden" name="kind" value="contact"><input type="hidden" name="stint" value="{{ $stint->id }}"><input type="hidden"
                    name="contact" value="{{ $id() }}"><input type="hidden" name="at" value="{{ $stint->started_at->format('Y-m-d\TH:i:s') }}">
                <label>A contact forgotten: <select name="contact_kind">@foreach ($ofContact['kind'] as $kind)<option>{{ $kind }}</option>@endforeach</select></label><button type="submit">Add</button>
            </form>
        </details>
    @empty
        <p>Nothing logged. Start on <a href="{{ route('fish', $trip) }}">Fish</a>.</p>
    @endforelse
@endsection
