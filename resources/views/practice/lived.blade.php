<x-layout :title="__('practice.lived.title')" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/practice.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('practice.lived.title') }}</h1><p class="lead">{{ __('practice.lived.lead') }}</p></div></header>
    <section class="card" aria-labelledby="kept">
        <h2 id="kept">{{ __('practice.lived.all') }}</h2>
        <dl class="practice-kept">@foreach ($kept as $row)<dt>{{ $row['name'] }}</dt><dd>{{ $row['value'] }}</dd>@endforeach</dl>
        <p>{{ __('practice.lived.nothing-else') }}</p>
        <p class="reason">{{ __('practice.lived.known') }}</p>
        <form method="post" action="{{ route('clients.practice.store', $head) }}"><x-act/><button class="button is-strong">{{ __('practice.lived.do') }}</button></form>
    </section>
</x-layout>
