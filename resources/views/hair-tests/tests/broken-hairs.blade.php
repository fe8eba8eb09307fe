<fieldset>
    <legend>{{ __('nagomi.tests.broken-hairs') }}</legend>
    <p class="how">{{ __('nagomi.hows.broken-hairs') }}</p>
    @if (isset($worth['broken-hairs']))<x-hand test="broken-hairs"/>@endif
    <div class="row">
        @foreach ($test->rawMeasures() as $measure)
            <x-measure test="broken-hairs" :measure="$measure" :prefix="$prefix" :units="$units" :value="data_get($values, str_replace(['[', ']'], ['.', ''], $prefix) . '.broken-hairs.' . $measure->name)"
                       :help="$measure->name === 'days_since_detangled' && $daysSinceDetangled !== null ? trans_choice('hair-tests.last-wash', $daysSinceDetangled) : null"/>
        @endforeach
    </div>
</fieldset>
