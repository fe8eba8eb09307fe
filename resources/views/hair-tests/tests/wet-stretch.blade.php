@php($path = str_replace(['[', ']'], ['.', ''], $prefix) . '.wet-stretch.hairs')
<fieldset>
    <legend>{{ __('nagomi.tests.wet-stretch') }}</legend>
    <p class="how">{{ __('nagomi.hows.wet-stretch') }}</p>
    @if (isset($worth['wet-stretch']))<x-hand test="wet-stretch"/>@endif
    @error($path)<p class="help is-danger">{{ $message }}</p>@enderror
    @for ($i = 0; $i < 5; $i++)
        <div class="row hair" @if ($i > 2 && ! old("{$path}.{$i}.rest_mm", data_get($values, "{$path}.{$i}.rest_mm"))) data-more hidden @endif>
            <span class="hair-name">{{ __('hair-tests.hair', ['number' => $i + 1]) }}</span>
            @foreach (['rest_mm' => __('hair-tests.rest'), 'stretched_mm' => __('hair-tests.stretched'), 'returned_mm' => __('hair-tests.returned')] as $measure => $label)
                <x-field :name="$prefix . '[wet-stretch][hairs][' . $i . '][' . $measure . ']'" :label="$label" :unit="old('unit.length', $units['length'] ?? 'mm')" mode="decimal" kind="length" :value="data_get($values, $path . '.' . $i . '.' . $measure)"/>
            @endforeach
            <x-tick :name="$prefix . '[wet-stretch][hairs][' . $i . '][snapped]'" :label="__('hair-tests.snapped')" :checked="data_get($values, $path . '.' . $i . '.snapped') === true"/>
            <button type="button" class="button" data-ruler hidden>{{ __('hair-tests.on-ruler') }}</button>
        </div>
    @endfor
    <button type="button" class="button" data-show-more hidden>{{ __('hair-tests.two-more') }}</button>
</fieldset>
