{{-- Try the cast: the server's core traces it, the numbers come back with the slice. --}}
<div class="cast-try" x-data="cast" data-url="{{ route('cast', ['trip' => $trip, 'lure' => $chosen->lure->key]) }}">
    <div id="lure-slice">@include('partials.slice', ['key' => 'lure', 'title' => 'The path of the '.$chosen->lure->name().' through the water, worked at '.$units->depth($setup->depthFt).', '.App\Show\Units::seconds($setup->secondsInZone()).' within reach of the fish.'])</div>
    <p class="cast-said"><b>Along the edge</b> <output x-ref="along">{{ App\Show\Units::seconds($setup->secondsInZone()) }}</output> in reach (<output x-ref="near">{{ App\Show\Units::seconds($setup->secondsNearCover($plan->reading)) }}</output> near cover), <b>across it</b> <output x-ref="across">{{ App\Show\Units::seconds($across) }}</output>. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'S4') }}">because S4</a> <span x-ref="warnings">{{ implode(' ', $setup->snagWarnings($plan->reading)) }}</span></p>
    <details>
        <summary>Try another cast</summary>
        <div class="cast-knobs">
            <div class="segments" role="radiogroup" aria-label="Angle">
                <label><input type="radio" name="angle" value="parallel" checked><span>along</span></label>
                <label><input type="radio" name="angle" value="crossing"><span>across</span></label>
            </div>
            <div class="segments" role="radiogroup" aria-label="Rod tip">
                <label><input type="radio" name="rod_tip" value="low" checked><span>rod tip low</span></label>
                <label><input type="radio" name="rod_tip" value="high"><span>rod tip high</span></label>
            </div>
            <label>cast <span class="cast-value">{{ round($setup->path()->cast->lengthFt) }}</span> ft<input type="range" name="cast_ft" min="10" max="150" step="5" value="{{ round($setup->path()->cast->lengthFt) }}"></label>
            <label>speed <span class="cast-value">{{ $setup->cadence->speedFtS }}</span> ft/s<input type="range" name="speed_ft_s" min="0.2" max="5" step="0.1" value="{{ $setup->cadence->speedFtS }}"></label>
            @unless ($chosen->lure->dives() || $chosen->lure->isSurface())
                <label>weight <span class="cast-value">{{ round($setup->spec->weightOz, 3) }}</span> oz<input type="range" name="weight_oz" min="0" max="1" step="0.0625" value="{{ $setup->spec->weightOz }}"></label>
            @endunless
            @unless ($chosen->lure->isSurface())
                <label>depth <span class="cast-value">{{ $setup->depthFt }}</span> ft<input type="range" name="depth_ft" min="0.5" max="30" step="0.5" value="{{ $setup->depthFt }}"></label>
            @endunless
        </div>
    </details>
</div>
