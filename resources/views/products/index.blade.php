<x-layout :title="__('products.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/products.css') }}"></x-slot:scripts>
    <header class="page-head">
        <div class="grow"><h1>{{ __('products.title') }}</h1><p class="lead">{{ __('products.lead') }}</p></div>
        @reaches('products.create')<a class="button is-strong" href="{{ route('products.create') }}">{{ __('products.add') }}</a>@endreaches
        <a class="button" href="{{ route('products.mix') }}">{{ __('products.mix') }}</a>
        <a class="button" href="{{ route('products.book') }}">{{ __('products.book') }}</a>
    </header>
    @if ($rows->isEmpty())
        <div class="empty"><p>{{ __('products.none') }}</p></div>
    @else
        @if ($reorder->isNotEmpty())<p class="worth"><strong>{{ __('products.order') }}</strong> {{ $reorder->map(fn ($row) => $row['product']->name)->implode(', ') }}.</p>@endif
        @if ($needs === [])<p class="reason">{{ __('needs.salon.none') }}</p>@else<x-needs :needs="$needs" of="salon"/>@endif
        <ul class="shelf">
            @foreach ($rows as $row)
                @php($bottle = $bottles[$row['product']->id])
                <li @class(['card', 'is-short' => $row['reorder']])>
                    <x-bottle :bottle="$bottle"/>
                    <div>
                        <span class="card-kicker">{{ __("nagomi.kinds.{$row['product']->kind}") }}</span>
                        <a href="{{ route('products.show', $row['product']) }}"><strong>{{ $row['product']->name }}</strong></a>
                        @if ($row['product']->recalled_on)<strong class="is-broken">{{ __('products.recalled') }}</strong>@endif
                        @if ($row['past'])<strong class="is-broken">{{ __('products.past', ['day' => $dated($row['good_until'], 'j M Y')]) }}</strong>@endif
                        @if ($row['reorder'])<strong class="is-broken">{{ __('products.short') }}</strong>@endif
                        <span class="shelf-left">@if ($row['left'] !== null){{ __('products.left', ['ml' => number_format($row['left'], 0)]) }}@if ($row['days_left'] !== null), {{ trans_choice('products.days', $row['days_left']) }}@endif @else{{ __('products.uncounted') }}@endif</span>
                        <span class="reason">{{ $row['what'] }}</span>
                    </div>
                </li>
            @endforeach
        </ul>
        <x-picture-help of="bottles"/>
    @endif
    <details class="more-tests" @if ($errors->has('file')) open @endif>
        <summary>{{ __('products.table.title') }}</summary>
        @reaches('products.import')<form method="post" action="{{ route('products.import') }}" enctype="multipart/form-data" class="asks" novalidate>
            <x-act/>
            <div class="field"><label class="label" for="f-file">{{ __('products.table.file') }}</label><input class="input" type="file" id="f-file" name="file" accept=".csv,text/csv">
                @foreach ($errors->get('file') as $sentence)<p class="help is-danger">{{ $sentence }}</p>@endforeach</div>
            <button class="button">{{ __('products.table.take') }}</button>
            <a class="button" href="{{ route('products.csv') }}" download>{{ __('products.table.all') }}</a>
        </form>@else<p><a class="button" href="{{ route('products.csv') }}" download>{{ __('products.table.all') }}</a></p>@endreaches
    </details>
</x-layout>
