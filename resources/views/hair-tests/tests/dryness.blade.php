<fieldset>
    <legend>Dryness</legend>
    <p class="how">Hand and eye, mid-length: 0 full of moisture, 3 as hair in balance, 10 straw.</p>
    <x-points :name="$prefix . '[dryness][points]'" label="Dryness, 0 to 10" :from="0" :to="10" :value="data_get($values, str_replace(['[', ']'], ['.', ''], $prefix) . '.dryness.points')"/>
</fieldset>
