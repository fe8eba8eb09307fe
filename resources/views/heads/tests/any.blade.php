<fieldset>
    <legend>{{ __("nagomi.tests.{$name}") }}</legend>
    <p class="how">{{ __("nagomi.hows.{$name}") }}</p>
    <div class="row">
        @foreach ($test->rawMeasures() as $measure)
            @if ($measure->unit === 'of 2')
                <x-points :name="'raw[' . $name . '][' . $measure->name . ']'" :label="$measure->label" :from="0" :to="2"/>
            @elseif ($measure->unit === 'of 10' && count($test->rawMeasures()) <= 6)
                <x-points :name="'raw[' . $name . '][' . $measure->name . ']'" :label="$measure->label . ', 0 to 10'" :from="0" :to="10"/>
            @else
                <x-field :name="'raw[' . $name . '][' . $measure->name . ']'" :label="$measure->label" :unit="$measure->unit" mode="decimal" :help="$measure->optional ? 'may stay empty' : null"/>
            @endif
        @endforeach
    </div>
</fieldset>
