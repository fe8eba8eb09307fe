{{-- What a salon without clients does first; each step is one tap away. --}}
<section class="card first-steps" aria-labelledby="first-steps">
    <h2 id="first-steps">{{ __('begin.first.title') }}</h2>
    <ol>
        @reaches('clients.create')<li><a class="button is-strong" href="{{ route('clients.create') }}">{{ __('begin.first.client') }}</a><span>{{ __('begin.first.client-why') }}</span></li>@endreaches
        @reaches('clients.records.create')<li><a class="button" href="{{ route('clients.records.create') }}">{{ __('begin.first.import') }}</a><span>{{ __('begin.first.import-why') }}</span></li>@endreaches
        @reaches('products.create')<li><a class="button" href="{{ route('products.create') }}">{{ __('begin.first.product') }}</a><span>{{ __('begin.first.product-why') }}</span></li>@endreaches
        @reaches('salon.hours')<li><a class="button" href="{{ route('salon.hours') }}">{{ __('begin.first.hours') }}</a><span>{{ __('begin.first.hours-why') }}</span></li>@endreaches
        @reaches('salon.edit')<li><a class="button" href="{{ route('salon.edit') }}">{{ __('begin.first.ways') }}</a><span>{{ __('begin.first.ways-why') }}</span></li>@endreaches
    </ol>
</section>
