{{-- The water as the hand changes it, once for wide and once for narrow windows; the handles lie over it and stay where they are. --}}
@include('partials.slice', ['key' => 'water'])
@include('partials.slice', ['key' => 'water-tall', 'tall' => true])
