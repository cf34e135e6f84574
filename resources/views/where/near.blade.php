{{-- The plan close up about a spot, with what is drawn there. --}}
<div class="plan-near">@include('where.plan', ['plan' => $near, 'marks' => [['name' => $spot->name, 'lat' => $spot->lat, 'lon' => $spot->lon, 'sign' => '×', 'class' => '']],
    'bare' => true, 'shades' => [], 'arrows' => [], 'caption' => null, 'water' => OldEddy\Day\Water\WaterColor::of($day->visibilityFt)->hex()])</div>
