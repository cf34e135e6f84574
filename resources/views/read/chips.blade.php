{{-- The fish that all of it is for, then what nobody said: a tap says it. --}}
<a class="chip" href="#{{ App\Day\FieldSheet::anchor('species') }}">{{ $reading->day->species->words() }}</a>
@if ($chips)
    <span class="muted">Assumed; a tap says it:</span>
    @foreach ($chips as $chip)
        <button type="button" data-chip="{{ $chip['path'] }}" data-value="{{ $chip['value'] }}" title="{{ $chip['why'] }}">{{ $chip['words'] }}</button>
    @endforeach
@endif
