<fieldset>
    <legend>{{ __('nagomi.tests.build-up-signs') }}</legend>
    <p class="how">{{ __('nagomi.hows.build-up-signs') }}</p>
    @if (isset($worth['build-up-signs']))<x-hand test="build-up-signs"/>@endif
    <div class="row">
        @foreach ($test->rawMeasures() as $measure)
            <x-points :name="$prefix . '[build-up-signs][' . $measure->name . ']'" :label="$said($measure->label)" :from="0" :to="2" :words="__('hair-tests.answers.build-up-signs')" :value="data_get($values, str_replace(['[', ']'], ['.', ''], $prefix) . '.build-up-signs.' . $measure->name)"/>
        @endforeach
    </div>
    <button type="button" class="button" data-none hidden>{{ __('hair-tests.none-of-these') }}</button>
</fieldset>
