<x-layout :title="'Products for ' . $called($head->name)" :head="$head">
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Products for this hair</h1><p class="lead">What suits first; in stock and cheaper before the rest.</p></div>
        <a class="button" href="{{ route('products.create', ['head' => $head->id]) }}">Used at home</a>
    </header>
    @if ($spent_cents > 0)<p class="reason">Products used on this hair so far: @money($spent_cents).</p>@endif
    @if ($needs !== [])<x-needs :needs="$needs" of="home"/>@endif
    @if ($kinds->isEmpty())<div class="empty"><p>No product with a list of ingredients is here yet. <a href="{{ route('products.create') }}">Add one</a>.</p></div>@endif
    @foreach ($kinds as $kind => $rows)
        <h2>{{ __("nagomi.kinds.{$kind}") }}</h2>
        @if (($next[$kind]->missing ?? '') !== '')<p class="reason is-broken">{{ $next[$kind]->missing }}</p>@endif
        <ul class="items for-head">
            @foreach ($rows as $row)
                <li class="suits-{{ $row['verdict'] }}">
                    <span class="suits"><b>{{ __("nagomi.verdicts.{$row['verdict']}") }}</b></span>
                    <span><a href="{{ route('products.show', $row['product']) }}"><strong>{{ $row['product']->name }}</strong></a>{{ $row['product']->head_id ? ' (their own)' : '' }}@if (($next[$kind]->product->id ?? '') === $row['product']->id) <span class="tag-look">{{ __('bottles.next-wash') }}</span> <span class="reason">{{ trim("{$next[$kind]->because} {$next[$kind]->passed}") }}</span>@endif
                        @foreach ($row['reasons'] as $reason)<span @class(['reason', 'is-broken' => $reason['verdict'] === 'no'])>{{ $reason['says'] }}</span>@endforeach</span>
                    <span class="minutes">{{ number_format($row['dose']->leastMl, 1) }} to {{ number_format($row['dose']->mostMl, 1) }} mL a section{{ $row['pumps'] ? ', ' . $row['pumps'] : '' }}<br>about {{ number_format($row['dose']->headMl(), 0) }} mL in all{{ '' }}@if ($row['cost_cents'] !== null), @money($row['cost_cents'])@endif{{ $row['in_stock'] || $row['product']->head_id ? '' : '; not enough in stock' }}</span>
                </li>
            @endforeach
        </ul>
    @endforeach
    <details class="more-tests" @if ($errors->any()) open @endif>
        <summary>Skin reacted to something{{ $reactions->isEmpty() ? '' : ': ' . $reactions->count() . ' on record' }}</summary>
        @foreach ($reactions as $reaction)<p>{{ $reaction->on->format('j M Y') }}: <strong>{{ $reaction->product?->name ?? $reaction->ingredient }}</strong>, {{ $reaction->what }} <span class="reason">noted by {{ $reaction->by }}</span></p>@endforeach
        <form method="post" action="{{ route('clients.reactions', $head) }}" class="asks" novalidate>
            <x-act/>
            <x-choice name="product_id" label="Product" :options="$products->pluck('name', 'id')->all()" empty="none of these"/>
            <x-field name="ingredient" label="Or ingredient"/>
            <x-field name="on" label="Day" type="date" :value="$head->salon->today()->format('Y-m-d')"/>
            <x-field name="what" label="What happened" help="kept encrypted" class="grow"/>
            <button class="button">Note it</button>
        </form>
        <p class="reason">@caution('patch-test') What does not ease is for a clinician.</p>
    </details>
</x-layout>
