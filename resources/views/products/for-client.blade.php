<x-layout :title="__('products.for.title-of', ['name' => $called($head->name)])" :head="$head">
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('products.for.title') }}</h1><p class="lead">{{ __('products.for.lead') }}</p></div>
        @reaches('products.create')<a class="button" href="{{ route('products.create', ['head' => $head->id]) }}">{{ __('products.for.at-home') }}</a>@endreaches
    </header>
    @if ($spent_cents > 0)<p class="reason">{{ __('products.for.spent') }} @money($spent_cents)</p>@endif
    @if ($allergiesUnread !== [])<p class="caution-line">{{ __('bottles.allergies-unread', ['names' => implode(', ', $allergiesUnread)]) }}</p>@endif
    @if ($needs !== [])<x-needs :needs="$needs" of="home"/>@endif
    @if ($kinds->isEmpty())<div class="empty"><p>{{ __('products.for.none') }} @reaches('products.create')<a href="{{ route('products.create') }}">{{ __('products.add') }}</a>@endreaches</p></div>@endif
    @foreach ($kinds as $kind => $rows)
        <h2>{{ __("nagomi.kinds.{$kind}") }}</h2>
        @if (($next[$kind]->missing ?? '') !== '')<p class="reason is-broken">{{ $next[$kind]->missing }}</p>@endif
        <ul class="items for-head">
            @foreach ($rows as $row)
                <li class="suits-{{ $row['verdict'] }}">
                    <span class="suits"><b>{{ __("nagomi.verdicts.{$row['verdict']}") }}</b></span>
                    <span><a href="{{ route('products.show', $row['product']) }}"><strong>{{ $row['product']->name }}</strong></a>{{ $row['product']->head_id ? __('products.for.own') : '' }}@if (($next[$kind]->product->id ?? '') === $row['product']->id) <span class="tag-look">{{ __('bottles.next-wash') }}</span> <span class="reason">{{ trim("{$next[$kind]->because} {$next[$kind]->passed}") }}</span>@endif
                        @foreach ($row['reasons'] as $reason)<span @class(['reason', 'is-broken' => $reason['verdict'] === 'no'])>{{ $reason['says'] }}</span>@endforeach</span>
                    <span class="minutes">{{ __('products.for.section', ['least' => $rounded($row['dose']->leastMl, 1), 'most' => $rounded($row['dose']->mostMl, 1)]) }}{{ $row['pumps'] ? ', ' . $row['pumps'] : '' }}<br>{{ __('products.for.in-total', ['ml' => number_format($row['dose']->headMl(), 0)]) }}@if ($row['cost_cents'] !== null), @money($row['cost_cents'])@endif{{ $row['in_stock'] || $row['product']->head_id ? '' : __('products.for.too-little') }}</span>
                </li>
            @endforeach
        </ul>
    @endforeach
    <details class="more-tests" @if ($errors->any()) open @endif>
        <summary>{{ trans_choice('products.for.reacted', $reactions->count()) }}</summary>
        @foreach ($reactions as $reaction)<p>{{ $dated($reaction->on, 'j M Y') }}: <strong>{{ $reaction->product?->name ?? $reaction->ingredient }}</strong>, {{ $reaction->what }} <span class="reason">{{ __('products.for.noted', ['by' => $reaction->by]) }}</span></p>@endforeach
        <form method="post" action="{{ route('clients.reactions', $head) }}" class="asks" novalidate>
            <x-act/>
            <x-choice name="product_id" :label="__('products.for.product')" :options="$products->pluck('name', 'id')->all()" :empty="__('products.for.none-of')"/>
            <x-field name="ingredient" :label="__('products.for.or-ingredient')"/>
            <x-field name="on" :label="__('products.for.day')" type="date" :value="$head->salon->today()->format('Y-m-d')"/>
            <x-field name="what" :label="__('products.for.happened')" :help="__('products.for.encrypted')" class="grow"/>
            <button class="button">{{ __('products.for.note') }}</button>
        </form>
        <p class="reason">@caution('patch-test') {{ __('products.for.clinician') }}</p>
    </details>
</x-layout>
