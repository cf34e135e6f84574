{{-- A handle of the picture: dragged, or moved by the arrow keys. --}}
@php($handle = $handles[$path])
<button type="button" role="slider" class="handle {{ $class }}" data-handle="{{ $path }}" aria-label="{{ $handle['words'] }}, by hand" aria-orientation="vertical" aria-valuemin="{{ $handle['least'] }}"
    aria-valuemax="{{ $handle['most'] }}" aria-valuenow="{{ $handle['value'] }}" aria-valuetext="{{ $handle['value'] }} {{ $handle['unit'] }}"
    style="left: {{ $handle['left'] }}%; top: {{ $handle['zero'] + $handle['per'] * $handle['value'] }}%"><span
    class="grip" aria-hidden="true"></span><span class="handle-said" >@if ($says)<span
    class="handle-word">{{ $says }} </span>@endif<span
    data-said-here>{{ $handle['value'] }} {{ $handle['unit'] }}</span></span></button>
