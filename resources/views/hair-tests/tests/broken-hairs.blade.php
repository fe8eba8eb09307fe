<fieldset>
    <legend>Shed and broken hairs</legend>
    <p class="how">Sort what came out at detangling: with a bulb it was shed, short and without one it broke. 50 to 100 shed a day is usual, so a big ball after a week is too.</p>
    <div class="row">
        @foreach ($test->rawMeasures() as $measure)
            <x-measure test="broken-hairs" :measure="$measure" :prefix="$prefix" :units="$units" :value="data_get($values, str_replace(['[', ']'], ['.', ''], $prefix) . '.broken-hairs.' . $measure->name)"
                       :help="$measure->name === 'days_since_detangled' && $daysSinceDetangled !== null ? trans_choice('hair-tests.last-wash', $daysSinceDetangled) : null"/>
        @endforeach
    </div>
</fieldset>
