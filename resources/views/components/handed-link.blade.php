@props(['address', 'label', 'scan' => null, 'id' => null, 'sends' => true])
<div {{ $attributes->class('handed-link') }}>
    <input class="input" @if ($id) id="{{ $id }}" @endif readonly value="{{ $address }}" aria-label="{{ $label }}">
    <button type="button" class="button" data-copy data-copied="{{ __('layout.hand-over.copied') }}" data-by-hand="{{ __('layout.hand-over.by-hand') }}">{{ __('layout.hand-over.copy') }}</button>
    @if ($sends)<button type="button" class="button" data-send hidden>{{ __('layout.hand-over.send') }}</button>@endif
    @if ($scan)<a class="button" href="{{ $scan }}">{{ __('layout.hand-over.scan') }}</a>@endif
    <span class="reason" role="status" data-handed></span>
</div>
