<x-layout title="Make up a mix">
    <header class="page-head"><div class="grow"><h1>Make up a mix</h1><p class="lead">Parts in percent, scaled to a batch; caps that protect the skin hold.</p></div></header>
    <p class="caution-line">@caution('essential-oils') Water-based mixes without a preservative keep about {{ $keepsDays }} days, cold.</p>
    <form method="get" action="{{ route('products.mix') }}" novalidate class="intake">
        <fieldset>
            <legend>What goes in</legend>
            <div class="row">
                <x-field name="title" label="Name on the label" :value="request('title')"/>
                <x-field name="carrier" label="The rest is" :value="request('carrier', 'water')"/>
                <x-field name="total_ml" label="Batch" unit="mL" mode="decimal" :value="request('total_ml')"/>
            </div>
            @for ($i = 0; $i < 5; $i++)
                <div class="row">
                    <x-field :name="'parts[' . $i . '][name]'" :label="'Part ' . ($i + 1)" :value="request('parts.' . $i . '.name')"/>
                    <x-field :name="'parts[' . $i . '][percent]'" label="Share" unit="%" mode="decimal" :value="request('parts.' . $i . '.percent')"/>
                </div>
            @endfor
            <x-tick name="careful" label="For a child, in pregnancy or with asthma" :checked="request()->boolean('careful')"/>
        </fieldset>
        <div class="save"><button class="button is-strong is-large">Scale it</button></div>
    </form>
    @if ($mix)
        <section class="told mix-label" aria-labelledby="mix-title">
            <h2 id="mix-title">{{ $title ?: 'Mix' }}, {{ rtrim(rtrim(number_format($mix->totalMl, 1), '0'), '.') }} mL</h2>
            <table class="table">
                <thead><tr><th scope="col">Part</th><th scope="col" class="num">%</th><th scope="col" class="num">mL</th><th scope="col" class="num">drops</th></tr></thead>
                <tbody>@foreach ($mix->scaled() as $part)<tr><td>{{ $part['name'] }}</td><td class="num">{{ $part['percent'] }}</td><td class="num">{{ $part['ml'] }}</td><td class="num">{{ $part['drops'] }}</td></tr>@endforeach</tbody>
            </table>
            <p class="reason">Made on {{ auth()->user()->salon->today()->format('j M Y') }}; keeps until {{ auth()->user()->salon->today()->addDays($keepsDays)->format('j M Y') }}, cold. 20 drops a millilitre (common practice, no source).</p>
            <div class="more"><button type="button" class="button" data-print hidden>Print the label</button></div>
        </section>
    @endif
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/history.js') }}"></script></x-slot:scripts>
</x-layout>
