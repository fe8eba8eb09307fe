<x-layout title="Products">
    <header class="page-head">
        <div class="grow"><h1>Products</h1><p class="lead">What each product really is, how much of it is left, and who must not have it.</p></div>
        <a class="button is-strong" href="{{ route('products.create') }}">Add a product</a>
        <a class="button" href="{{ route('products.mix') }}">Make up a mix</a>
        <a class="button" href="{{ route('products.book') }}">Ingredient book</a>
    </header>
    @if ($rows->isEmpty())
        <div class="empty"><p>Nothing stands here yet. Paste the ingredients of a bottle and Nagomi reads what it really is.</p></div>
    @else
        @if ($reorder->isNotEmpty())<p class="worth"><strong>To order:</strong> {{ $reorder->map(fn ($row) => $row['product']->name)->implode(', ') }}.</p>@endif
        @if ($needs === [])<p class="reason">{{ __('needs.salon.none') }}</p>@else<x-needs :needs="$needs" of="salon"/>@endif
        @foreach ($rows->groupBy(fn ($row) => $row['product']->kind) as $kind => $of)
            <h2>{{ __("nagomi.kinds.{$kind}") }}</h2>
            <ul class="items shelf">
                @foreach ($of as $row)
                    <li>
                        <span><a href="{{ route('products.show', $row['product']) }}"><strong>{{ $row['product']->name }}</strong></a>
                            @if ($row['product']->recalled_on)<strong class="is-broken">recalled</strong>@endif
                            @if ($row['past'])<strong class="is-broken">past its time since {{ $row['good_until']->format('j M Y') }}</strong>@endif
                            <span class="reason">{{ $row['what'] }}</span></span>
                        <span class="minutes">@if ($row['left'] !== null)<b>{{ number_format($row['left'], 0) }}</b> mL left{{ $row['days_left'] === null ? '' : ', about ' . $row['days_left'] . ' days' }}@else not counted yet @endif</span>
                    </li>
                @endforeach
            </ul>
        @endforeach
    @endif
    <details class="more-tests" @if ($errors->has('file')) open @endif>
        <summary>Import and export as a table (CSV)</summary>
        <form method="post" action="{{ route('products.import') }}" enctype="multipart/form-data" class="asks" novalidate>
            <x-act/>
            <div class="field"><label class="label" for="f-file">CSV file</label><input class="input" type="file" id="f-file" name="file" accept=".csv,text/csv">
                @foreach ($errors->get('file') as $sentence)<p class="help is-danger">{{ $sentence }}</p>@endforeach</div>
            <button class="button">Take it in</button>
            <a class="button" href="{{ route('products.csv') }}" download>All products (.csv)</a>
        </form>
    </details>
</x-layout>
