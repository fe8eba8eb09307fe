{{-- What the visit comes to, and how it is changed. --}}
<section id="price" class="price">
    <h2>{{ __('prices.title') }}</h2>
    <dl class="sums">@foreach ($price->lines as $label => $cents)<div><dt>{{ $label }}</dt><dd class="num">@money($cents)</dd></div>@endforeach</dl>
    <p class="reason">{{ ucfirst($price->why) }}@if ($booking->discount_because). {{ $booking->discount_because }}@endif</p>
    @if ($price->listNow !== '')<p class="reason">{{ $price->listNow }}</p>@endif
    @if ($price->decide !== '')<p class="worth">{{ $price->decide }}</p>@endif
    <details class="more-tests" @if ($price->decide !== '' || $errors->hasAny(['price', 'discount', 'discount_because', 'deposit', 'deposit_state'])) open @endif>
        <summary>{{ __('prices.change') }}</summary>
        <form method="post" action="{{ route('bookings.bill', $booking) }}" class="asks" novalidate>
            <x-act/> @method('put')<input type="hidden" name="sequence" value="{{ $booking->sequence }}">
            <x-field name="price" :label="__('prices.fields.price')" :unit="$booking->salon->currency" mode="decimal" :cents="$booking->price_cents" :help="__('prices.fields.price-help')"/>
            <x-field name="discount" :label="__('prices.fields.discount')" :value="$booking->discount_hundredths === null ? null : ($booking->discount_hundredths / 100) . ' %'" :cents="$booking->discount_hundredths === null ? $booking->discount_cents : null" :help="__('prices.fields.discount-help')"/>
            <x-field name="discount_because" :label="__('prices.fields.because')" :value="$booking->discount_because"/>
            <x-field name="deposit" :label="__('prices.fields.deposit')" :unit="$booking->salon->currency" mode="decimal" :cents="$booking->deposit_cents" :help="__('prices.fields.deposit-help')"/>
            <x-choice name="deposit_state" :label="__('prices.fields.state')" :options="collect(['asked', 'paid', 'kept', 'returned'])->mapWithKeys(fn ($state) => [$state => __('prices.deposit.' . $state)])->all()" :value="$booking->deposit?->value"/>
            <button class="button is-strong">{{ __('prices.fields.keep') }}</button>
        </form>
    </details>
</section>
