<x-layout :title="$product->name">
    <header class="page-head">
        <div class="grow"><h1>{{ $product->name }}</h1><p class="lead">{{ ucfirst(__("nagomi.kinds.{$product->kind}")) }}{{ $product->batch ? ', batch ' . $product->batch : '' }}{{ $product->barcode ? ', barcode ' . $product->barcode : '' }}</p></div>
        <a class="button" href="{{ route('products.edit', $product) }}">Change it</a>
    </header>
    @if ($product->recalled_on)
        <p class="caution-line"><strong>Recalled on {{ $product->recalled_on->format('j M Y') }}:</strong> {{ $product->recalled_because }}</p>
    @endif
    @if ($row['past'])<p class="caution-line">Past its time since {{ $row['good_until']->format('j M Y') }}: do not use it.</p>@endif
    @foreach ($disagrees as $sentence)<p class="caution-line"><strong>The label doesn’t match the ingredients.</strong> {{ $sentence }}</p>@endforeach
    @if ($against !== [])
        <p class="caution-line"><strong>Not for</strong> @foreach ($against as $who)<a href="{{ route('clients.now', $who['head']) }}">{{ $called($who['head']->name) }}</a>: {{ implode(' ', $who['reasons']) }}{{ $loop->last ? '' : ' ' }} @endforeach</p>
    @endif
    @if (($reading['entries'] ?? []) === [])
        <div class="empty"><p>No list yet. <a href="{{ route('products.edit', $product) }}">Paste its ingredients</a> and it is read here.</p></div>
    @else
        <div class="two">
            <section>
                <h2>What it really is</h2>
                <p class="lead">Surfactants <strong>{{ $reading['surfactant_strength'] }}</strong> · protein <strong>{{ str_replace('-', ' ', $reading['protein_strength']) }}</strong> · its films come off with <strong>{{ $reading['removed_with'] === 'clarifying' ? 'a clarifying cleanse' : ($reading['removed_with'] === 'shampoo' ? 'a shampoo' : ($reading['removed_with'] === 'gentle' ? 'a gentle cleanse' : $reading['removed_with'])) }}</strong></p>
                <p class="reason">@foreach (['slip', 'hold', 'weight'] as $of){{ $of }} {{ $reading[$of][0] === $reading[$of][1] ? $reading[$of][0] : $reading[$of][0] . ' to ' . $reading[$of][1] }}{{ $loop->last ? '.' : ', ' }} @endforeach {{ __('bottles.shares') }}</p>
                @if ($onHair !== [])
                    <h3>{{ __('bottles.title') }}</h3>
                    <ul class="on-hair">@foreach ($onHair as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
                    <p class="reason">{{ __('bottles.why') }}</p>
                @endif
                <ul class="loads">
                    @foreach (array_diff_key($reading['loads'], ['moisture' => 1]) as $load => $of)
                        <li>
                            <span>{{ __("nagomi.product_loads.{$load}") }} <span class="reason">{{ implode(', ', $of['from']) }}</span></span>
                            <svg class="load-bar" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true"><rect class="load-ground" width="100" height="8"/><rect class="load-range" x="{{ $of['lower_percent'] }}" width="{{ max(0.6, $of['upper_percent'] - $of['lower_percent']) }}" height="8"/><rect class="load-typical" x="{{ max(0, min(98, ($of['typical_percent'] ?? 0) - 1)) }}" width="2" height="8"/></svg>
                            <span class="num"><x-share :of="$of"/></span>
                        </li>
                    @endforeach
                </ul>
            </section>
            <section>
                <h2>What is left</h2>
                <p><strong class="figure">{{ $row['left'] === null ? '–' : number_format($row['left'], 0) }}</strong> mL{{ $product->size_ml ? ' of bottles of ' . number_format($product->size_ml, 0) . ' mL' : '' }}@if ($row['days_left'] !== null), about {{ $row['days_left'] }} days at the pace of the last weeks @endif @if ($row['good_until']) · good until {{ $row['good_until']->format('j M Y') }} @endif</p>
                <form method="post" action="{{ route('products.stock', $product) }}" class="asks" novalidate>
                    <x-act/>
                    <x-choice name="how" label="Measured" :options="['left-ml' => 'mL left', 'left-g' => 'grams left, weighed without the bottle', 'level' => '% full', 'bought' => 'mL bought']"/>
                    <x-field name="amount" label="How much" mode="decimal"/>
                    <button class="button">Update stock</button>
                </form>
                @if ($moves->isNotEmpty())
                    <details><summary>Every change</summary><ul class="recent">@foreach ($moves as $move)<li>{{ $move->moved_at->format('j M Y') }}: {{ $move->kind }} @signed($move->ml) mL, {{ number_format($move->left_ml, 0) }} mL left, {{ $move->by }}</li>@endforeach</ul></details>
                @endif
                @unless ($product->recalled_on)
                    <details @if ($errors->has('because')) open @endif><summary>Recall it</summary>
                        <form method="post" action="{{ route('products.recall', $product) }}" class="asks" novalidate><x-act/><x-field name="because" label="Why" class="grow"/><button class="button">Recall</button></form>
                    </details>
                @else
                    <form method="post" action="{{ route('products.release', $product) }}"><x-act/> @method('delete')<button class="button is-small">No longer recalled</button></form>
                @endunless
                <details><summary>Remove this product</summary><form method="post" action="{{ route('products.destroy', $product) }}"><x-act/> @method('delete')<p class="reason">It is gone with its counts; reactions stay.</p><button class="button is-small">Take it off</button></form></details>
            </section>
        </div>
        @foreach (['cheaper' => true, 'cheaper-unlike' => false] as $title => $alike)
            @if (($of = array_filter($cheaper, fn (array $one): bool => $one['alike'] === $alike)) !== [])
                <h2>{{ __("bottles.{$title}") }}</h2>
                <ul class="recent">@foreach ($of as $one)<li><a href="{{ route('products.show', $one['product']) }}">{{ $one['product']->name }}</a>: <span class="reason">{{ $one['price'] }}; {{ $one['says'] }}</span></li>@endforeach</ul>
            @endif
        @endforeach
        <h2>Ingredients explained</h2>
        <x-wide-table label="Ingredients explained"><table class="table book">
            <thead><tr><th scope="col">As printed</th><th scope="col">Read as</th><th scope="col">Does</th><th scope="col" class="num">Share</th></tr></thead>
            <tbody>
            @foreach ($reading['entries'] as $entry)
                <tr @class(['is-unknown' => $entry['name'] === null])>
                    <td>{{ $entry['listed'] }}@if ($entry['part'] === 'may-contain') <span class="reason">may contain</span>@elseif ($entry['part'] === 'active') <span class="reason">active</span>@endif</td>
                    <td>{{ $entry['name'] ?? 'not known' }}@if ($entry['guessed']) <span class="reason">(a slip of the pen?)</span>@endif</td>
                    <td>{{ implode(', ', array_map(fn ($function) => __("nagomi.functions.{$function}"), $entry['functions'])) }}@if ($entry['note']) <span class="reason">{{ $entry['note'] }}</span>@endif</td>
                    <td class="num"><x-share :of="$entry"/></td>
                </tr>
            @endforeach
            </tbody>
        </table></x-wide-table>
        <details class="more-tests" @if ($errors->has('function') || $errors->has('name') || $reading['unknown'] !== []) open @endif>
            <summary>Add an ingredient</summary>
            <form method="post" action="{{ route('products.teach') }}" class="asks" novalidate>
                <x-act/>
                <x-field name="name" label="Ingredient" :value="$reading['unknown'][0] ?? null"/>
                <x-field name="also" label="Also called"/>
                <x-choice name="function" label="What it does" :options="__('nagomi.functions')" empty="choose"/>
                <x-choice name="strength" label="Strength, or what takes it off" :options="['mild' => 'mild', 'medium' => 'medium', 'strong' => 'strong', 'water' => 'off with water', 'gentle' => 'off with a gentle cleanse', 'shampoo' => 'off with a shampoo', 'clarifying' => 'off with a clarifying one']" empty="not said"/>
                <button class="button">Teach it</button>
            </form>
        </details>
    @endif
</x-layout>
