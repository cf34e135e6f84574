{{-- The seasons of the day's fish beside the thermometer. --}}
@foreach ($seasons as $band)
    <span class="season" style="top: {{ $band['top'] }}%; height: {{ $band['height'] }}%">{{ $band['words'] }}</span>
@endforeach
