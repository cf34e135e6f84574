{{-- From page to page of a long list; $what names it, $at is the place on the page to come back to. --}}
@if ($pages->hasPages())
    <nav class="beside" aria-label="Pages of {{ $what }}">
        @if ($pages->previousPageUrl())<a href="{{ $pages->previousPageUrl() }}#{{ $at }}">Before</a>@endif
        <span>page {{ $pages->currentPage() }} of {{ $pages->lastPage() }}</span>
        @if ($pages->nextPageUrl())<a href="{{ $pages->nextPageUrl() }}#{{ $at }}">After</a>@endif
    </nav>
@endif
