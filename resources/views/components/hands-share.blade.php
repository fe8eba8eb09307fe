@props(['minutes', 'free', 'longest'])
{{-- How much of the time hands are needed, beside the longest way: filled with hands, hollow without. The words beside it say the same. --}}
<svg class="hands-share" viewBox="0 0 120 10" preserveAspectRatio="none" aria-hidden="true">
    <rect class="is-hands" y="1" width="{{ round(118 * ($minutes - $free) / max(1, $longest), 1) }}" height="8" rx="2"/>
    @if ($free > 0)<rect class="is-waiting" x="{{ round(118 * ($minutes - $free) / max(1, $longest), 1) + 1 }}" y="2" width="{{ round(118 * $free / max(1, $longest), 1) }}" height="6" rx="3"/>@endif
</svg>
