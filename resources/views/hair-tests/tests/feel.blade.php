<fieldset>
    <legend>{{ __('nagomi.tests.feel') }}</legend>
    <p class="how">{{ __('nagomi.hows.feel') }}</p>
    @if (isset($worth['feel']))<x-hand test="feel"/>@endif
    <x-points :name="$prefix . '[feel][points]'" :label="__('hair-tests.scales.feel')" :from="-5" :to="5" :value="data_get($values, str_replace(['[', ']'], ['.', ''], $prefix) . '.feel.points')"/>
</fieldset>
