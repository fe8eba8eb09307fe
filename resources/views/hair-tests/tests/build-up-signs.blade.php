<fieldset>
    <legend>Build-up signs</legend>
    <p class="how">Look, wet one strand, feel it dry. 0 not at all, 1 somewhat, 2 plainly.</p>
    <div class="row">
        @foreach ($test->rawMeasures() as $measure)
            <x-points :name="$prefix . '[build-up-signs][' . $measure->name . ']'" :label="$measure->label" :from="0" :to="2" :value="data_get($values, str_replace(['[', ']'], ['.', ''], $prefix) . '.build-up-signs.' . $measure->name)"/>
        @endforeach
    </div>
</fieldset>
