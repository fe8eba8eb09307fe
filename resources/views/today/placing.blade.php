<p class="reason hands-hint" data-hint hidden>{{ __('booking.places.hint') }}</p>
<form method="post" class="placing" data-placing hidden aria-labelledby="placing-what" data-choose="{{ __('booking.places.choose') }}" data-not-there="{{ __('booking.places.not-there') }}" data-looking="{{ __('booking.places.looking') }}">
    <x-act/>
    <div data-fields></div>
    <h2 id="placing-what" data-what></h2>
    <div role="status"><p data-where></p><ul data-effect></ul></div>
    <div class="placing-acts">
        <button type="button" class="button" data-step="-1">{{ __('booking.places.earlier-button') }}</button>
        <button type="button" class="button" data-step="1">{{ __('booking.places.later-button') }}</button>
        <button type="button" class="button" data-other>{{ __('booking.places.other-button') }}</button>
        <button class="button is-strong" data-place></button>
        <button type="button" class="button" data-leave>{{ __('booking.places.leave') }}</button>
    </div>
</form>
