{{-- The water as the hand changes it; the handles lie over it and stay where they are. --}}
@include('partials.slice', ['key' => 'water'])
