{{-- A lure worth a rod: its way through the water, color, cadence, and what speaks most for it. --}}
@php($setup = $entry->setup())
@php($color = $entry->colors()[0]->family->value)
@php($onRack = isset($rigged[OldEddy\Log\Next\Presentation::key($entry->lure->key, $color)]))
<li @class(['worth', 'on' => $onRack])>
    {!! $pictures[$entry->lure->key] !!}
    <h2><a href="{{ $one }}{{ $entry->lure->key }}">{{ ucfirst($entry->lure->name()) }}</a> <small>{{ $entry->lure->role->value }}</small></h2>
    <p class="rod-how"><i class="swatch swatch-{{ $color }}" aria-hidden="true"></i>{{ App\Show\Word::of($color) }} · {{ $units->depth($setup->depthFt) }} · {{ $setup->cadence->name() }}</p>
    @if ($why = $entry->bestReason())<p class="worth-why">{{ $units->say($why->text) }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, $why->ruleId) }}">why</a></p>@endif
    @foreach ($entry->lacks() as $lack)<p class="worth-why muted">{{ $units->say($lack->text) }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'K4') }}">why</a></p>@endforeach
    @if ($thrown === null)@include('choose.rig', ['lure' => $entry->lure, 'on' => $onRack, 'color' => $color, 'setup' => $setup])@endif
</li>
