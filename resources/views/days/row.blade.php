<article class="day-row">
    <a href="{{ route($day->isOpen() ? 'fish' : 'confirm', $day) }}"><strong>{{ $day->name }}</strong></a>
    <span>{{ $day->conditions['date'] ?? '' }}</span>
    <span>{{ str_replace('_', ' ', $day->conditions['species']) }}</span>
    <span>{{ (int) $day->casts_made }} casts, {{ $day->contacts_count }} {{ $day->contacts_count === 1 ? 'contact' : 'contacts' }}</span>
</article>
