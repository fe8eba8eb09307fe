<fieldset>
    <legend>Wet stretch</legend>
    <p class="how">Three to five single wet hairs, each of known length: stretch slowly, read, let go, read again. If it snaps, note where.</p>
    @error('raw.wet-stretch.hairs')<p class="help is-danger">{{ $message }}</p>@enderror
    @for ($i = 0; $i < 5; $i++)
        <div class="row hair" @if ($i > 2 && ! old("raw.wet-stretch.hairs.{$i}.rest_mm")) data-more hidden @endif>
            <span class="hair-name">Hair {{ $i + 1 }}</span>
            <x-field :name="'raw[wet-stretch][hairs][' . $i . '][rest_mm]'" label="Rest" unit="mm" mode="decimal"/>
            <x-field :name="'raw[wet-stretch][hairs][' . $i . '][stretched_mm]'" label="Stretched, or snapped at" unit="mm" mode="decimal"/>
            <x-field :name="'raw[wet-stretch][hairs][' . $i . '][returned_mm]'" label="Returned to" unit="mm" mode="decimal"/>
            <x-tick :name="'raw[wet-stretch][hairs][' . $i . '][snapped]'" label="snapped"/>
        </div>
    @endfor
    <button type="button" class="button" data-show-more hidden>Two more hairs</button>
</fieldset>
