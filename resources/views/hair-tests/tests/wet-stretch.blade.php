@php($path = str_replace(['[', ']'], ['.', ''], $prefix) . '.wet-stretch.hairs')
<fieldset>
    <legend>Wet stretch</legend>
    <p class="how">Three to five single wet hairs, each of known length: stretch slowly, read, let go, read again. If it snaps, note where.</p>
    @error($path)<p class="help is-danger">{{ $message }}</p>@enderror
    @for ($i = 0; $i < 5; $i++)
        <div class="row hair" @if ($i > 2 && ! old("{$path}.{$i}.rest_mm", data_get($values, "{$path}.{$i}.rest_mm"))) data-more hidden @endif>
            <span class="hair-name">Hair {{ $i + 1 }}</span>
            @foreach (['rest_mm' => 'Rest', 'stretched_mm' => 'Stretched, or snapped at', 'returned_mm' => 'Returned to'] as $measure => $label)
                <x-field :name="$prefix . '[wet-stretch][hairs][' . $i . '][' . $measure . ']'" :label="$label" :unit="old('unit.length', $units['length'] ?? 'mm')" mode="decimal" kind="length" :value="data_get($values, $path . '.' . $i . '.' . $measure)"/>
            @endforeach
            <x-tick :name="$prefix . '[wet-stretch][hairs][' . $i . '][snapped]'" label="snapped" :checked="data_get($values, $path . '.' . $i . '.snapped') === true"/>
            <button type="button" class="button" data-ruler hidden>On a ruler</button>
        </div>
    @endfor
    <button type="button" class="button" data-show-more hidden>Two more hairs</button>
</fieldset>
