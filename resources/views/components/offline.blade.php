{{-- What scripts say, and the line that says what is kept on this device. --}}
<template id="offline-words">{{ $words }}</template>
<div class="waiting-line" role="status" data-waiting-line hidden>
    <span data-says></span>
    <button type="button" class="button is-small" data-look hidden>{{ __('offline.look') }}</button>
    <button type="button" class="button is-small" data-reload hidden>{{ __('offline.reload') }}</button>
</div>
