{{-- What other days say, in short, beside a step of the day. --}}
@php([$days, $paid, $from] = $short)
<h2>{{ $same ? 'Same time, other years' : 'Days like today' }} <small>{{ $same ? count($before->sameTime) : count($before->alike) }}</small></h2>
@if ($paid)
    @include('before.paid', ['paid' => array_slice($paid, 0, 4)])
    @include('before.take', ['class' => ''])
@else
    <p class="muted">{{ $days ? 'They had no contact.' : 'None yet: your own days will speak here.' }}</p>
@endif
<p><a href="{{ route('before', $trip) }}">{{ $same ? count($before->alike).' days like today' : 'How far they are from today' }}</a> <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, $same ? 'Y1' : 'Y2') }}">why</a></p>
