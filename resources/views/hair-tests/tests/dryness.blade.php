<fieldset>
    <legend>{{ __('nagomi.tests.dryness') }}</legend>
    <p class="how">{{ __('nagomi.hows.dryness') }}</p>
    @if (isset($worth['dryness']))<x-hand test="dryness"/>@endif
    <x-points :name="$prefix . '[dryness][points]'" :label="__('hair-tests.scales.dryness')" :from="0" :to="10" :value="data_get($values, str_replace(['[', ']'], ['.', ''], $prefix) . '.dryness.points')"/>
</fieldset>
