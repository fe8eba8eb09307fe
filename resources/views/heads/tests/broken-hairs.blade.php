<fieldset>
    <legend>Shed and broken hairs</legend>
    <p class="how">Sort what came out at detangling: with a bulb it was shed, short and without one it broke. 50 to 100 shed a day is usual, so a big ball after a week is too.</p>
    <div class="row">
        <x-field name="raw[broken-hairs][shed]" label="Shed, with a bulb" unit="hairs" mode="numeric"/>
        <x-field name="raw[broken-hairs][broken]" label="Broken" unit="hairs" mode="numeric"/>
        <x-field name="raw[broken-hairs][days_since_detangled]" label="Days since detangled" mode="decimal" :help="$daysSinceDetangled === null ? null : 'last wash day in the book: ' . $daysSinceDetangled . ' days ago'"/>
    </div>
</fieldset>
