<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 800 {{ 96 + 24 * count($lines) }}" width="800" height="{{ 96 + 24 * count($lines) }}" font-family="Georgia, serif" font-size="16" fill="#1b262b">
<rect width="100%" height="100%" fill="#f5f0e4"/>
<text x="40" y="54" font-size="28" font-weight="600">{{ $report->title() }}</text>
<text x="760" y="54" text-anchor="end">{{ $report->date() }}</text>
<path d="M40 68 H760 M40 71 H760" stroke="#1b262b" fill="none"/>
@foreach ($lines as $i => [$line, $isHeading])
<text x="{{ $isHeading ? 40 : 60 }}" y="{{ 100 + 24 * $i }}"{!! $isHeading ? ' font-weight="600" fill="#a8321a"' : '' !!}>{{ $line }}</text>
@endforeach
</svg>
