<x-layout :title="__('wash.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:offline><x-offline of="wash"/></x-slot:offline>
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"><script type="module" src="{{ asset('js/screens/wash.js') }}"></script></x-slot:scripts>
    @if (is_array(session('doubtful')) || is_array(session('untapped')))
        <form method="post" action="{{ route('clients.wash.finish', [$head, $washSession]) }}" class="worth doubtful" novalidate>
            <x-act/>
            @include('wash.ends', ['doubtful' => session('doubtful', []), 'open' => session('untapped', [])])
        </form>
    @endif
    <div class="basin" data-keeps data-wash="{{ $washSession->id }}" data-of="{{ $called($head->name) }}" data-began="{{ $washSession->began()->format('c') }}" data-zone="{{ $head->salon->timezone }}" data-quiet-hours="{{ $quietHours }}" data-acts="{{ route('clients.wash.acts', [$head, $washSession]) }}"
         data-plan="{{ json_encode($saidWithin($washSession->plan), JSON_THROW_ON_ERROR) }}" data-told="{{ json_encode($told, JSON_THROW_ON_ERROR) }}">
        <header class="basin-top">
            <p class="basin-of">{{ strtok($called($head->name), ' ') }}</p>
            <p class="lead" data-where></p>
            <p class="basin-kept" data-kept></p>
            <button type="button" class="button is-large" data-open-menu>{{ __('wash.menu') }}</button>
        </header>
        <x-scalp :head="$head"/>
        <p class="said" data-notice hidden role="status"></p>
        <section class="basin-head" aria-label="{{ __('wash.head') }}">
            <svg class="section-map" viewBox="0 0 440 520" data-sections role="group" aria-label="{{ __('wash.sections') }}" hidden></svg>
            <p class="reason" data-sections-how hidden>{{ __('wash.sections-how') }}</p>
            <ul class="timers" data-timers aria-label="{{ __('wash.going-on') }}"></ul>
            <div data-then-place><h2>{{ __('wash.then') }}</h2><ol class="recent" data-next></ol></div>
        </section>
        <section class="basin-now" aria-live="polite">
            <h1 data-label></h1>
            <ul class="basin-watch" data-watch></ul>
            <p class="basin-clock" aria-live="off"><span data-clock></span> <span class="basin-usual" data-usual></span></p>
            <div class="basin-bottle" data-bottle hidden>
                <p class="basin-use" data-use></p>
                <div class="basin-notes basin-other" data-other role="group" aria-label="{{ __('wash.another-bottle') }}" hidden></div>
            </div>
            <p class="basin-meanwhile" data-meanwhile hidden></p>
            <div class="basin-notes" data-notes hidden></div>
            <div class="basin-keys" data-keys>
                <button type="button" class="button is-strong" data-do="done">{{ __('offline.wash.done') }}</button>
                <button type="button" class="button" data-do="back">{{ __('wash.back') }}</button>
                <button type="button" class="button" data-pause>{{ __('offline.wash.pause') }}</button>
                <button type="button" class="button" data-change>{{ __('wash.change') }}</button>
            </div>
        </section>
        <footer class="basin-line">
            <p class="likely" data-likely></p>
            <svg class="wash-line" data-line viewBox="0 0 1130 96" aria-hidden="true"></svg>
        </footer>
        <dialog class="composing" data-composing aria-label="{{ __('wash.change-steps') }}">
            <form method="dialog" class="composing-head"><h2>{{ __('wash.change-steps') }}</h2><button class="button is-strong is-large">{{ __('offline.wash.compose.close') }}</button></form>
            <div class="row">
                <button type="button" class="button is-large" data-do="skip">{{ __('wash.skip') }}</button>
                <button type="button" class="button is-large" data-do="repeat">{{ __('wash.repeat') }}</button>
                <button type="button" class="button is-large" data-do="swap">{{ __('wash.swap') }}</button>
            </div>
            <ol class="compose" data-compose></ol>
        </dialog>
        <dialog class="composing" data-menu aria-label="{{ __('wash.menu') }}">
            <form method="dialog" class="composing-head"><h2>{{ $called($head->name) }}</h2><button class="button is-strong is-large">{{ __('offline.wash.compose.close') }}</button></form>
            <form method="post" action="{{ route('clients.wash.finish', [$head, $washSession]) }}" data-finish><x-act/><input type="hidden" name="open" value="ask"><button class="button is-large">{{ __('wash.end') }}</button></form>
            <form method="post" action="{{ route('clients.wash.break-off', [$head, $washSession]) }}"><x-act/> @method('delete')<button class="button is-large">{{ __('wash.break-off') }}</button></form>
            <p class="more"><a class="button" href="{{ route('today') }}">{{ __('layout.rail.today') }}</a> <a class="button" href="{{ route('clients.now', $head) }}">{{ __('layout.client.now') }}</a> <a class="button" href="{{ route('clients.plan', $head) }}">{{ __('layout.client.plan') }}</a> <a class="button" href="{{ route('clients.products', $head) }}">{{ __('layout.rail.products') }}</a></p>
            <p class="reason">{{ __('wash.keys') }}</p>
            <p class="reason" data-insecure hidden>{{ __('wash.insecure') }}</p>
        </dialog>
        <dialog class="asks-why" data-why></dialog>
        <dialog class="alarm" data-alarm-place>
            <p data-alarm></p>
            <form method="dialog"><button class="button is-strong is-large">{{ __('offline.wash.seen') }}</button></form>
        </dialog>
    </div>
    <noscript><p class="caution-line">{{ __('wash.no-scripts') }} <a href="{{ route('clients.wash-days', $head) }}">{{ __('wash.no-scripts-to') }}</a></p></noscript>
</x-layout>
