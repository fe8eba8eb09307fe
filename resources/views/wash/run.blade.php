<x-layout :title="'Wash: ' . $head->name" :head="$head">
    <x-slot:offline><x-offline of="wash"/></x-slot:offline>
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/wash.js') }}"></script></x-slot:scripts>
    @if (is_array(session('doubtful')))
        <form method="post" action="{{ route('clients.wash.finish', [$head, $washSession]) }}" class="worth doubtful" novalidate>
            <x-act/>
            <p>{{ __('wash.doubtful') }}</p>
            <div class="row">
                @foreach (session('doubtful') as $key => $of)
                    <x-field name="minutes[{{ $key }}]" :label="__('wash.doubtful-of', ['label' => $of['label'], 'planned' => $of['planned'], 'minutes' => $of['minutes']])" unit="min" mode="decimal" :value="$of['says']"/>
                @endforeach
            </div>
            <button class="button is-strong is-large">{{ __('wash.finish-with') }}</button>
        </form>
    @endif
    <x-scalp :head="$head"/>
    <div class="basin" data-keeps data-wash="{{ $washSession->id }}" data-of="{{ $head->name }}" data-began="{{ $washSession->began()->format('c') }}" data-zone="{{ $head->salon->timezone }}" data-acts="{{ route('clients.wash.acts', [$head, $washSession]) }}"
         data-plan="{{ json_encode($washSession->plan, JSON_THROW_ON_ERROR) }}" data-told="{{ json_encode($told, JSON_THROW_ON_ERROR) }}">
        <section class="basin-now" aria-live="polite">
            <p class="lead" data-where></p>
            <h1 data-label></h1>
            <p class="basin-use" data-use hidden></p>
            <ul class="basin-watch" data-watch></ul>
            <p class="basin-meanwhile" data-meanwhile hidden></p>
            <div class="basin-middle">
                <svg class="section-map" viewBox="0 0 220 220" data-sections role="group" aria-label="Sections: tap each when it is done" hidden></svg>
                <p class="basin-clock" data-clock aria-live="off"></p>
            </div>
            <div class="basin-notes" data-notes hidden></div>
            <div class="basin-notes basin-other" data-other role="group" aria-label="{{ __('wash.another-bottle') }}" hidden></div>
            <div class="basin-keys" data-keys>
                <button type="button" class="button is-strong is-large" data-do="done">Done</button>
                <button type="button" class="button is-large" data-do="repeat">Once more</button>
                <button type="button" class="button is-large" data-do="swap">Next one first</button>
                <button type="button" class="button is-large" data-do="skip">Skip</button>
                <button type="button" class="button is-large" data-do="back">Back one</button>
                <button type="button" class="button is-large" data-change hidden>{{ __('wash.change') }}</button>
            </div>
        </section>
        <aside class="basin-side">
            <p class="said" data-notice hidden role="status"></p>
            <p class="likely" data-likely></p>
            <h2>Going on by itself</h2>
            <ul class="timers" data-timers></ul>
            <h2>Then</h2>
            <ol class="recent" data-next></ol>
            <p class="reason" data-insecure hidden>{{ __('wash.insecure') }}</p>
            <form method="post" action="{{ route('clients.wash.finish', [$head, $washSession]) }}" data-finish><x-act/><button class="button">End the wash day</button></form>
            <form method="post" action="{{ route('clients.wash.break-off', [$head, $washSession]) }}"><x-act/> @method('delete')<button class="button is-small">Break it off</button></form>
        </aside>
        <dialog class="composing" data-composing aria-label="{{ __('wash.change-steps') }}">
            <form method="dialog" class="composing-head"><h2>{{ __('wash.change-steps') }}</h2><button class="button is-strong is-large">{{ __('offline.wash.compose.close') }}</button></form>
            <ol class="compose" data-compose></ol>
        </dialog>
        <dialog class="why" data-why></dialog>
        <dialog class="alarm" data-alarm-place>
            <p data-alarm></p>
            <form method="dialog"><button class="button is-strong is-large">{{ __('offline.wash.seen') }}</button></form>
        </dialog>
    </div>
    <noscript><p class="caution-line">{{ __('wash.no-scripts') }} <a href="{{ route('clients.wash-days', $head) }}">{{ __('wash.no-scripts-to') }}</a></p></noscript>
</x-layout>
