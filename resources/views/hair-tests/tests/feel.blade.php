<fieldset>
    <legend>Feel</legend>
    <p class="how">Rub a strand between two fingers: −5 stiff as straw, 0 neither, 5 mushy.</p>
    <x-points :name="$prefix . '[feel][points]'" label="Feel, −5 stiff to 5 mushy" :from="-5" :to="5" :value="data_get($values, str_replace(['[', ']'], ['.', ''], $prefix) . '.feel.points')"/>
</fieldset>
