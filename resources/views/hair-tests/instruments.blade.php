{{-- The ruler and the picture: opened by the buttons beside the fields they fill. --}}
<dialog class="sheet ruler" id="ruler" aria-labelledby="ruler-title" data-rest="{{ __('hair-tests.ruler.rest') }}" data-stretched="{{ __('hair-tests.ruler.stretched') }}" data-returned="{{ __('hair-tests.ruler.returned') }}">
    <h2 id="ruler-title">{{ __('hair-tests.ruler.title') }}: <span data-ruler-hair></span></h2>
    <p class="how">{{ __('hair-tests.ruler.how') }}</p>
    <svg viewBox="-6 0 312 74" role="group" aria-label="{{ __('hair-tests.ruler.label') }}" data-ruler-face></svg>
    <p class="readout" data-ruler-says role="status"></p>
    <div class="more"><button type="button" class="button is-strong" data-ruler-next hidden>{{ __('hair-tests.ruler.take-next') }}</button><button type="button" class="button" data-ruler-take>{{ __('hair-tests.ruler.take') }}</button><button type="button" class="button" data-close>{{ __('hair-tests.ruler.close') }}</button></div>
</dialog>
<dialog class="sheet on-picture" id="on-picture" aria-labelledby="on-picture-title">
    <h2 id="on-picture-title">{{ __('hair-tests.on-picture.title') }}</h2>
    <p class="how">{{ __('hair-tests.on-picture.how') }}</p>
    <div class="asks">
        <div class="field"><label class="label" for="picture-file">{{ __('hair-tests.on-picture.picture') }}</label><input class="input" type="file" id="picture-file" accept="image/jpeg,image/png,image/webp"></div>
        <div class="field"><label class="label" for="picture-scale">{{ __('hair-tests.on-picture.scale') }} <span class="unit">mm</span></label><input class="input" id="picture-scale" inputmode="decimal" value="85.6"><p class="help">{{ __('hair-tests.on-picture.card') }}</p></div>
    </div>
    <p class="readout" data-picture-says role="status">{{ __('hair-tests.on-picture.first') }}</p>
    <div class="picture-frame" data-picture-frame tabindex="0" role="application" aria-label="{{ __('hair-tests.on-picture.label') }}">
        <canvas width="720" height="480" data-picture-canvas></canvas>
    </div>
    <div class="more"><button type="button" class="button is-strong" data-picture-take disabled>{{ __('hair-tests.on-picture.take') }}</button><button type="button" class="button" data-picture-back>{{ __('hair-tests.on-picture.back') }}</button><button type="button" class="button" data-close>{{ __('hair-tests.ruler.close') }}</button></div>
</dialog>
