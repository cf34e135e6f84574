{{-- Fetched when the page stands: looking back must not hold up what is ahead. --}}
<section class="before" aria-label="Other days" x-data="part" data-part="{{ route('before', ['trip' => $trip, 'part' => 1]) }}"><p><a href="{{ route('before', $trip) }}">Same time in other years, days like today</a></p></section>
