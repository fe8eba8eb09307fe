<x-layout :title="$product->name">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/products.css') }}"></x-slot:scripts>
    <header class="page-head">
        <div class="grow"><h1>{{ $product->name }}</h1><p class="lead">{{ implode(', ', array_filter([ucfirst(__("nagomi.kinds.{$product->kind}")), $product->batch ? __('products.one.batch', ['batch' => $product->batch]) : '', $product->barcode ? __('products.one.barcode', ['barcode' => $product->barcode]) : ''])) }}</p></div>
        @reaches('products.edit')<a class="button" href="{{ route('products.edit', $product) }}">{{ __('products.one.change') }}</a>@endreaches
    </header>
    @if ($product->recalled_on)
        <p class="caution-line"><strong>{{ __('products.one.recalled', ['day' => $dated($product->recalled_on, 'j M Y')]) }}</strong> {{ $product->recalled_because }}</p>
    @endif
    @if ($row['past'])<p class="caution-line">{{ __('products.one.past', ['day' => $dated($row['good_until'], 'j M Y')]) }}</p>@endif
    @foreach ($disagrees as $sentence)<p class="caution-line"><strong>{{ __('products.one.label') }}</strong> {{ $sentence }}</p>@endforeach
    @if ($against !== [])
        <p class="caution-line"><strong>{{ __('products.one.against') }}</strong> @foreach ($against as $who)<a href="{{ route('clients.now', $who['head']) }}">{{ $called($who['head']->name) }}</a>: {{ implode(' ', $who['reasons']) }}{{ $loop->last ? '' : ' ' }} @endforeach</p>
    @endif
    <section class="card one-left" aria-labelledby="left">
        <x-bottle :bottle="$bottle" class="is-large"/>
        <div>
            <h2 id="left">{{ __('products.one.left') }}</h2>
            <p><strong class="figure">{{ $row['left'] === null ? '–' : number_format($row['left'], 0) }}</strong> mL{{ $product->size_ml ? ' ' . __('products.one.bottles-of', ['ml' => number_format($product->size_ml, 0)]) : '' }}@if ($bottle->full > 0), {{ trans_choice('products.more', $bottle->full) }}@endif @if ($row['days_left'] !== null) · {{ trans_choice('products.one.pace', $row['days_left']) }}@endif @if ($row['good_until']) · {{ __('products.one.good', ['day' => $dated($row['good_until'], 'j M Y')]) }} @endif</p>
            <p class="reason">{{ __('products.one.used-as', ['step' => __("products.steps.{$product->kind}")]) }}@if ($staysOn) {{ __('products.one.stays') }}@endif</p>
            <form method="post" action="{{ route('products.stock', $product) }}" class="asks" novalidate>
                <x-act/>
                <x-choice name="how" :label="__('products.one.measured')" :options="__('products.one.ways')"/>
                <x-field name="amount" :label="__('products.one.how-much')" mode="decimal"/>
                <button class="button">{{ __('products.one.update') }}</button>
            </form>
            @if ($moves->isNotEmpty())
                <details><summary>{{ __('products.one.changes') }}</summary><ul class="recent">@foreach ($moves as $move)<li>{{ __('products.one.change-line', ['day' => $dated($move->moved_at, 'j M Y'), 'kind' => __("products.one.moves.{$move->kind}"), 'ml' => $signed($move->ml), 'left' => number_format($move->left_ml, 0), 'by' => $move->by]) }}</li>@endforeach</ul></details>
            @endif
            @reaches('products.recall')@unless ($product->recalled_on)
                <details @if ($errors->has('because')) open @endif><summary>{{ __('products.one.recall') }}</summary>
                    <form method="post" action="{{ route('products.recall', $product) }}" class="asks" novalidate><x-act/><x-field name="because" :label="__('products.one.why')" class="grow"/><button class="button">{{ __('products.one.do-recall') }}</button></form>
                </details>
            @else
                <form method="post" action="{{ route('products.release', $product) }}"><x-act/> @method('delete')<button class="button is-small">{{ __('products.one.release') }}</button></form>
            @endunless
            <details><summary>{{ __('products.one.remove') }}</summary><form method="post" action="{{ route('products.destroy', $product) }}"><x-act/> @method('delete')<p class="reason">{{ __('products.one.remove-why') }}</p><button class="button is-small">{{ __('products.one.do-remove') }}</button></form></details>@endreaches
        </div>
    </section>
    @if (($reading['entries'] ?? []) === [])
        <div class="empty"><p>{{ __('products.one.unread') }} @reaches('products.edit')<a href="{{ route('products.edit', $product) }}">{{ __('products.one.paste') }}</a> {{ __('products.one.and-read') }}@endreaches</p></div>
    @else
        <section class="card">
            <h2>{{ __('products.one.really') }}</h2>
            @if ($reading['mostly_unknown'] ?? false)
                <p class="lead">{{ __('products.one.mostly-unknown', ['count' => count($reading['unknown']), 'all' => count($reading['entries']), 'kind' => __("nagomi.kinds.{$product->kind}")]) }}</p>
            @else
                <p class="lead">{{ __('products.one.surfactants') }} <strong>{{ __("products.strengths.surfactants.{$reading['surfactant_strength']}") }}</strong> · {{ __('products.one.protein') }} <strong>{{ __("products.strengths.protein.{$reading['protein_strength']}") }}</strong> · @if (trans()->has("products.one.off.{$reading['removed_with']}")){{ __('products.one.films') }} <strong>{{ __("products.one.off.{$reading['removed_with']}") }}</strong>@else<strong>{{ __('products.one.no-films') }}</strong>@endif</p>
                @if ($reading['unknown'] !== [])<p class="reason">{{ trans_choice('products.one.unknown-part', count($reading['unknown']), ['all' => count($reading['entries'])]) }}</p>@endif
                <p class="reason">@foreach (['slip', 'hold', 'weight'] as $of){{ __("products.one.{$of}") }} {{ $reading[$of][0] === $reading[$of][1] ? __("products.one.levels.{$of}.{$reading[$of][0]}") : __('products.one.from-to', ['from' => __("products.one.levels.{$of}.{$reading[$of][0]}"), 'to' => __("products.one.levels.{$of}.{$reading[$of][1]}")]) }}{{ $loop->last ? '.' : ', ' }} @endforeach {{ __('bottles.shares') }}</p>
            @endif
            @if ($onHair !== [])
                <h3>{{ __('bottles.title') }}</h3>
                <ul class="on-hair">@foreach ($onHair as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
                <p class="reason">{{ __('bottles.why') }}</p>
            @endif
            <ul class="loads">
                @foreach (array_diff_key($reading['loads'], ['moisture' => 1]) as $load => $of)
                    <li>
                        <span>{{ __("nagomi.product_loads.{$load}") }} <span class="reason">{{ implode(', ', $of['from']) }}</span></span>
                        <svg class="{{ trim('load-bar ' . (isset($meanings[$load]) ? "is-{$meanings[$load]}" : '')) }}" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true"><rect class="load-ground" width="100" height="8"/><rect class="load-range" x="{{ $of['lower_percent'] }}" width="{{ max(0.6, $of['upper_percent'] - $of['lower_percent']) }}" height="8"/><rect class="load-typical" x="{{ max(0, min(98, ($of['typical_percent'] ?? 0) - 1)) }}" width="2" height="8"/></svg>
                        <span class="num"><x-share :of="$of"/></span>
                    </li>
                @endforeach
            </ul>
        </section>
        @foreach (['cheaper' => true, 'cheaper-unlike' => false] as $title => $alike)
            @if (($of = array_filter($cheaper, fn (array $one): bool => $one['alike'] === $alike)) !== [])
                <h2>{{ __("bottles.{$title}") }}</h2>
                <ul class="recent">@foreach ($of as $one)<li><a href="{{ route('products.show', $one['product']) }}">{{ $one['product']->name }}</a>: <span class="reason">{{ $one['price'] }}; {{ $one['says'] }}</span></li>@endforeach</ul>
            @endif
        @endforeach
        <details class="card one-ingredients" @if ($reading['unknown'] !== []) open @endif><summary>{{ __('products.one.ingredients') }}</summary>
        <x-wide :label="__('products.one.ingredients')"><table class="table book">
            <thead><tr><th scope="col">{{ __('products.one.printed') }}</th><th scope="col">{{ __('products.one.read') }}</th><th scope="col">{{ __('products.one.does') }}</th><th scope="col" class="num">{{ __('products.one.share') }}</th></tr></thead>
            <tbody>
            @foreach ($reading['entries'] as $entry)
                <tr @class(['is-unknown' => $entry['name'] === null])>
                    <td>{{ $entry['listed'] }}@if ($entry['part'] === 'may-contain') <span class="reason">{{ __('products.one.may-contain') }}</span>@elseif ($entry['part'] === 'active') <span class="reason">{{ __('products.one.active') }}</span>@endif</td>
                    <td>{{ $entry['name'] ?? __('products.one.not-known') }}@if ($entry['guessed']) <span class="reason">{{ __('products.one.slip-of-pen') }}</span>@endif</td>
                    <td>{{ implode(', ', array_map(fn ($function) => __("nagomi.functions.{$function}"), $entry['functions'])) }}@if ($entry['note']) <span class="reason">{{ $entry['note'] }}</span>@endif</td>
                    <td class="num"><x-share :of="$entry"/></td>
                </tr>
            @endforeach
            </tbody>
        </table></x-wide>
        </details>
        @reaches('products.teach')
        <details class="more-tests" @if ($errors->has('function') || $errors->has('name') || $reading['unknown'] !== []) open @endif>
            <summary>{{ __('products.one.teach.title') }}</summary>
            <form method="post" action="{{ route('products.teach') }}" class="asks" novalidate>
                <x-act/>
                <x-field name="name" :label="__('products.one.teach.name')" :value="$reading['unknown'][0] ?? null"/>
                <x-field name="also" :label="__('products.one.teach.also')"/>
                <x-choice name="function" :label="__('products.one.teach.function')" :options="__('nagomi.functions')" :empty="__('products.one.teach.choose')"/>
                <x-choice name="strength" :label="__('products.one.teach.strength')" :options="__('products.one.teach.strengths')" :empty="__('products.one.teach.unsaid')"/>
                <button class="button">{{ __('products.one.teach.do') }}</button>
            </form>
        </details>
        @endreaches
    @endif
</x-layout>
