{{-- What the two pictures of a wash day should show, before there are any. --}}
<div class="picture-guides">
    @foreach ($guides as $kind => $guide)
        <figure class="picture-guide">
            <svg viewBox="0 0 {{ $guide::WIDTH }} {{ $guide::HEIGHT }}" role="img" aria-label="{{ __("pictures.guide.{$kind}.says") }}">
                <path class="guide-shoulders" d="{{ $guide::SHOULDERS }}"/><path class="guide-hair" d="{{ $guide->hair }}"/>
            </svg>
            <figcaption><strong>{{ __("pictures.guide.{$kind}.title") }}</strong> {{ __("pictures.guide.{$kind}.how") }}</figcaption>
        </figure>
    @endforeach
</div>
