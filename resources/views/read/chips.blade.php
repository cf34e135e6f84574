{{-- What nobody said: a tap says it. --}}
@if ($chips)
    <span class="muted">Assumed; a tap says it:</span>
    @foreach ($chips as $chip)
        <button type="button" data-chip="{{ $chip['path'] }}" data-value="{{ $chip['value'] }}" title="{{ $chip['why'] }}">{{ $chip['words'] }}</button>
    @endforeach
@endif
