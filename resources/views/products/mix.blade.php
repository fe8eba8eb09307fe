<x-layout :title="__('products.mix')">
    <header class="page-head"><div class="grow"><h1>{{ __('products.mix') }}</h1><p class="lead">{{ __('mix.page.lead') }}</p></div></header>
    <p class="caution-line">@caution('essential-oils') {{ __('mix.unknown') }} {{ __('mix.water', ['days' => $waterKeepsDays]) }}</p>
    <form method="get" action="{{ route('products.mix') }}" novalidate class="intake">
        <fieldset>
            <legend>{{ __('mix.page.what') }}</legend>
            <div class="row">
                <x-field name="title" :label="__('mix.page.name')" :value="request('title')"/>
                <x-field name="carrier" :label="__('mix.page.rest')" :value="request('carrier', 'water')"/>
                <x-field name="total_ml" :label="__('mix.page.batch')" unit="mL" mode="decimal" :value="request('total_ml')"/>
            </div>
            @for ($i = 0; $i < 5; $i++)
                <div class="row">
                    <x-field :name="'parts[' . $i . '][name]'" :label="__('mix.page.part-of', ['number' => $i + 1])" :value="request('parts.' . $i . '.name')"/>
                    <x-field :name="'parts[' . $i . '][percent]'" :label="__('mix.page.share')" unit="%" mode="decimal" :value="request('parts.' . $i . '.percent')"/>
                </div>
            @endfor
            <div class="row">
                <x-choice name="use" :label="__('mix.use.label')" :options="$uses" :value="request('use', 'scalp')"/>
                <x-choice name="for" :label="__('mix.for.label')" :options="$people" :value="request('for', '')"/>
            </div>
        </fieldset>
        <div class="save"><button class="button is-strong is-large">{{ __('mix.page.scale') }}</button></div>
    </form>
    {{-- What was refused just now is not shown beside a mix that was scaled before it. --}}
    @if ($mix && ! $errors->any())
        <section class="told mix-label" aria-labelledby="mix-title">
            <h2 id="mix-title">{{ $title ?: __('mix.page.mix') }}, {{ rtrim(rtrim($rounded($mix->totalMl, 1), '0'), '.,') }} mL</h2>
            <table class="table">
                <thead><tr><th scope="col">{{ __('mix.page.part') }}</th><th scope="col" class="num">%</th><th scope="col" class="num">mL</th><th scope="col" class="num">{{ __('mix.page.drops') }}</th></tr></thead>
                <tbody>@foreach ($mix->scaled() as $part)<tr><td>{{ $part['name'] }}</td><td class="num">{{ $part['percent'] }}</td><td class="num">{{ $part['ml'] }}</td><td class="num">{{ $part['drops'] }}</td></tr>@endforeach</tbody>
            </table>
            <p class="reason">{{ __('mix.made', ['made' => $dated(auth()->user()->salon->today(), 'j M Y'), 'until' => $dated(auth()->user()->salon->today()->addDays($mix->keepsDays()), 'j M Y'), 'keeps' => $keeps, 'drops' => $dropsAMl]) }}</p>
            <div class="more"><button type="button" class="button" data-print hidden>{{ __('mix.page.print') }}</button></div>
        </section>
    @endif
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/history.js') }}"></script></x-slot:scripts>
</x-layout>
