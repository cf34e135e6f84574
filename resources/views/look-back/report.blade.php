{{-- A day on one page; what it says is the report's. --}}
<article class="report">
    <h1>{{ $report->title() }} <small>{{ $report->date() }}</small></h1>
    @if ($report->namesPlaces())@include('partials.ribbon', ['ribbon' => $report->ribbon(), 'key' => 'report'])@endif
    <div class="report-parts">
    @foreach ($report->sections() as $heading => $lines)
        <section><h2>{{ $heading }}</h2><ul>@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul></section>
    @endforeach
    </div>
</article>
