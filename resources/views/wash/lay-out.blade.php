<x-layout :title="__('wash.lay-out.title', ['name' => $called($head->name)])" :head="$head">
    <x-slot:offline><x-offline of="wash"/></x-slot:offline>
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"><script type="module" src="{{ asset('js/screens/wash-lay-out.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('wash.lay-out.title', ['name' => $called($head->name)]) }}</h1><p class="lead">{{ __('wash.lay-out.lead') }}</p></div>
    </header>
    @if ($isOlder)<p class="worth">{{ __('wash.lay-out.older') }}</p>@endif
    <x-scalp :head="$head"/>
    <div data-keeps data-wash="{{ $washSession->id }}" data-of="{{ $called($head->name) }}" data-acts="{{ route('clients.wash.acts', [$head, $washSession]) }}"
         data-plan="{{ json_encode($saidWithin($washSession->plan), JSON_THROW_ON_ERROR) }}" data-told="{{ json_encode($told, JSON_THROW_ON_ERROR) }}">
        <p class="said" data-notice hidden role="status"></p>
        <p class="verdict-words" data-minutes aria-live="polite"></p>
        <ol class="compose" data-compose></ol>
        <dialog class="asks-why" data-why></dialog>
        <div class="save is-row">
            <form method="post" action="{{ route('clients.wash.start', [$head, $washSession]) }}" data-begin><x-act/><button class="button is-strong is-large">{{ __('wash.lay-out.begin') }}</button></form>
            <form method="post" action="{{ route('clients.wash.break-off', [$head, $washSession]) }}"><x-act/> @method('delete')<button class="button is-large">{{ __('wash.lay-out.aside') }}</button></form>
        </div>
    </div>
    <noscript><p class="caution-line">{{ __('wash.no-scripts') }} <a href="{{ route('clients.wash-days', $head) }}">{{ __('wash.no-scripts-to') }}</a></p></noscript>
</x-layout>
