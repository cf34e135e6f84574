{{-- Try the cast: the server's core traces it, the numbers come back with the slice. --}}
<div class="cast-try" x-data="cast" data-url="{{ route('cast', ['trip' => $trip, 'lure' => $chosen->lure->key]) }}">
    <div id="lure-slice">{!! $slice !!}</div>
    <p class="cast-said"><b>Along the edge</b> <output x-ref="along">{{ App\Show\Units::seconds($setup->secondsInReach()) }}</output> in reach (<output
        x-ref="near">{{ App\Show\Units::seconds($setup->secondsNearCover()) }}</output> near cover), <b>across it</b> <output x-ref="across">{{ App\Show\Units::seconds($across) }}</output>. <a
        class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'S4') }}">because S4</a> <span x-ref="warnings">{{ implode(' ', array_map($units->say(...),
        $setup->snagWarnings())) }}</span></p>
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
            <label>cast <span class="cast-value" data-knob="cast_ft">{{ $knobs['cast_ft'] }}</span><input type="range" name="cast_ft" min="10" max="150" step="5"
                value="{{ round($setup->cast->lengthFt) }}" aria-valuetext="{{ $knobs['cast_ft'] }}"></label>
            <label>speed <span class="cast-value" data-knob="speed_ft_s">{{ $knobs['speed_ft_s'] }}</span><input type="range" name="speed_ft_s" min="0.2" max="5" step="0.1"
                value="{{ $setup->cadence->speedFtS }}" aria-valuetext="{{ $knobs['speed_ft_s'] }}"></label>
            @unless ($chosen->lure->dives() || $chosen->lure->isSurface())
                <label>weight <span class="cast-value" data-knob="weight_oz">{{ $knobs['weight_oz'] }}</span><input type="range" name="weight_oz" min="0" max="1" step="0.0625"
                    value="{{ $setup->spec->weightOz }}" aria-valuetext="{{ $knobs['weight_oz'] }}"></label>
            @endunless
            @unless ($chosen->lure->isSurface())
                <label>depth <span class="cast-value" data-knob="depth_ft">{{ $knobs['depth_ft'] }}</span><input type="range" name="depth_ft" min="0.5" max="30" step="0.5"
                    value="{{ $setup->depthFt }}" aria-valuetext="{{ $knobs['depth_ft'] }}"></label>
            @endunless
        </div>
    </details>
</div>
