<fieldset>
    <legend>{{ __("nagomi.tests.{$name}") }}</legend>
    <p class="how">{{ __("nagomi.hows.{$name}") }}</p>
    @if (isset($worth[$name]))<x-hand :test="$name"/>@endif
    <div class="row">
        @foreach ($test->rawMeasures() as $measure)
            @php($value = data_get($values, str_replace(['[', ']'], ['.', ''], $prefix) . ".{$name}.{$measure->name}"))
            @if ($measure->unit === 'of 2')
                <x-points :name="$prefix . '[' . $name . '][' . $measure->name . ']'" :label="$said($measure->label)" :from="0" :to="2" :words="(array) data_get(__('hair-tests.answers'), $name . '.' . $measure->name, [])" :value="$value"/>
            @elseif ($measure->unit === 'of 10' && count($test->rawMeasures()) <= 6)
                <x-points :name="$prefix . '[' . $name . '][' . $measure->name . ']'" :label="__('hair-tests.of-ten', ['label' => $said($measure->label)])" :from="0" :to="10" :value="$value"/>
            @else
                <x-measure :test="$name" :measure="$measure" :prefix="$prefix" :units="$units" :value="$value"/>
            @endif
        @endforeach
    </div>
    @if ($name === 'scalp')<button type="button" class="button" data-elsewhere hidden>{{ __('head-map.page.rest') }}</button>@endif
    @if ($name === 'curl')
        <p class="help objects" data-objects hidden>{{ __('hair-tests.wide-as') }}
            @foreach (['a pencil eraser' => 7, 'a pencil' => 8, 'a wine cork' => 24, 'a cotton reel' => 30] as $object => $mm)
                <button type="button" class="button is-small" data-object-mm="{{ $mm }}">{{ $object }}, {{ $mm }} mm</button>
            @endforeach
        </p>
    @endif
</fieldset>
