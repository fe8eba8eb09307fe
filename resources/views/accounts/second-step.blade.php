<x-layout :title="__('people.second.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/people.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('people.second.title') }}</h1><p class="lead">{{ $since === null ? __('people.second.lead') : __('people.second.since', ['day' => $dated($since, 'j M Y')]) }}</p></div><a class="button" href="{{ route('salon.people') }}">{{ __('people.title') }}</a></header>
    @if ($codes !== [])
        <section class="card" aria-labelledby="codes">
            <h2 id="codes">{{ __('people.second.codes') }}</h2>
            <p class="how">{{ __('people.second.codes-how') }}</p>
            <ol class="second-codes">@foreach ($codes as $code)<li><code>{{ $code }}</code></li>@endforeach</ol>
        </section>
    @endif
    @if ($since === null)
        <div class="two">
            <section class="card" aria-labelledby="camera">
                <h2 id="camera">{{ __('people.second.camera') }}</h2>
                <p class="how">{{ __('people.second.camera-how') }}</p>
                <div class="scan-picture" role="img" aria-label="{{ __('people.second.picture') }}">{!! $picture !!}</div>
                <details><summary>{{ __('people.second.by-hand') }}</summary><p><code>{{ $secret }}</code></p></details>
            </section>
            <form method="post" action="{{ route('account.second-step.confirm') }}" novalidate class="intake"><x-act/>
                <fieldset>
                    <legend>{{ __('people.second.type') }}</legend>
                    <x-field name="code" :label="__('people.second.code')" mode="numeric" :help="__('people.second.code-help')" autocomplete="one-time-code"/>
                    <p><button class="button is-strong">{{ __('people.second.turn-on') }}</button></p>
                </fieldset>
            </form>
        </div>
    @else
        <section class="card" aria-labelledby="left">
            <h2 id="left">{{ trans_choice('people.second.left', $left) }}</h2>
            <div class="objects">
                <form method="post" action="{{ route('account.second-step.codes') }}"><x-act/><button class="button">{{ __('people.second.anew') }}</button></form>
                <form method="post" action="{{ route('account.second-step.off') }}"><x-act/> @method('delete')<button class="button">{{ __('people.second.turn-off') }}</button></form>
            </div>
        </section>
    @endif
</x-layout>
