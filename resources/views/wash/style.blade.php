<x-layout :title="__('style.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"><script type="module" src="{{ asset('js/screens/style.js') }}"></script></x-slot:scripts>
    <header class="page-head"><x-portrait :head="$head"/><div class="grow"><h1>{{ __('style.title') }}</h1><p class="lead">{{ $style ? __('style.lead', ['style' => ucfirst(__("nagomi.stylings.{$style->styling}")), 'day' => $dated($style->made_on, 'j M Y'), 'number' => (int) $style->made_on->diffInDays($today) + 1]) : __('style.none') }}</p></div></header>
    @if ($takeDown)
        <p @class(['caution-line' => $takeDown->daysLate > 0, 'worth' => $takeDown->daysLate === 0])>
            <strong>{{ __($takeDown->daysLate > 0 ? 'style.down-now' : 'style.down-by', ['day' => $dated($takeDown->dueOn, 'j M Y')]) }}</strong> {{ __($takeDown->daysLate > 0 ? 'style.minutes-late' : 'style.minutes', ['minutes' => round($takeDown->minutes)]) }} @caution('tension')
        </p>
    @endif
    @if ($head->tender_edges || $head->sore_scalp || $head->red_sign)<p class="caution-line">{{ __('wash.look.tender') }}</p>@endif
    @if ($style)
        <div class="two">
            <section>
                <h2>{{ __('wash.look.title') }}</h2>
                <form method="post" action="{{ route('clients.style.keep', $head) }}" class="looks" novalidate><x-act/> @method('put')
                    <input type="hidden" name="on" value="{{ $today->format('Y-m-d') }}">
                    @foreach (['definition', 'frizz', 'moisture'] as $sign)
                        <fieldset><legend>{{ __("wash.look.{$sign}.is") }}</legend>
                            @foreach ([2, 1, 0] as $points)<label class="look"><input type="radio" name="{{ $sign }}" value="{{ $points }}" @checked(old($sign) === (string) $points)><span>{{ __("wash.look.{$sign}.{$points}") }}</span></label>@endforeach
                        </fieldset>
                    @endforeach
                    <button class="button">{{ __('wash.look.note') }}</button>
                </form>
                <h2>{{ __('style.so-far') }}</h2>
                @if ($days === [])<p>{{ __('style.nothing') }}</p>@endif
                <ul class="recent">@foreach ($days as $of)<li><strong>{{ __('wash.look.day', ['number' => $of['number']]) }} @day($of['day'], 'j M')</strong> {{ implode('; ', array_filter([$of['looks'], $of['did']])) }}</li>@endforeach</ul>
                <form method="post" action="{{ route('clients.style.keep', $head) }}" class="asks" novalidate><x-act/> @method('put')
                    <x-field name="on" :label="__('style.day')" type="date" :value="$today->format('Y-m-d')"/>
                    <x-choice name="what" :label="__('style.did')" :options="__('nagomi.keeping')"/>
                    <button class="button">{{ __('style.note') }}</button>
                </form>
            </section>
            <section>
                <h2>{{ __('style.ends') }}</h2>
                <form method="post" action="{{ route('clients.style.end', $head) }}" class="asks" novalidate><x-act/> @method('delete')
                    <div class="field"><label class="label" for="f-last">{{ __('style.last') }}</label><div class="control"><input class="input" type="date" id="f-last" name="on" value="{{ $today->format('Y-m-d') }}"></div></div>
                    <button class="button">{{ __('style.end') }}</button>
                </form>
            </section>
        </div>
    @endif
    @if ($style || $gave !== [])
        <h2>{{ __('wash.look.gave-title') }}</h2>
        @if ($gave === [])<p class="reason">{{ __('wash.look.none') }}</p>@else
            <ul class="recent">@foreach ($gave as $line)<li>{{ $line }}</li>@endforeach</ul><p class="reason">{{ __('wash.look.gave-counted') }}</p>
        @endif
    @endif
    <details class="more-tests" @if (! $style || $errors->has('styling') || $errors->has('stays_days')) open @endif>
        <summary>{{ __($style ? 'style.new' : 'style.first') }}</summary>
        <form method="post" action="{{ route('clients.style.begin', $head) }}" class="asks" novalidate><x-act/>
            <x-choice name="styling" :label="__('style.title')" :options="array_diff_key(__('nagomi.stylings'), ['not-today' => 0])"/>
            <div class="field"><label class="label" for="f-made">{{ __('style.made') }}</label><div class="control"><input class="input" type="date" id="f-made" name="on" value="{{ $today->format('Y-m-d') }}"></div></div>
            <x-field name="stays_days" :label="__('style.stays')" :unit="__('style.days')" mode="numeric" :help="__('style.stays-help')"/>
            <button class="button">{{ __('style.follow') }}</button>
        </form>
    </details>
    @if (! $style)
        <section class="card" aria-labelledby="why">
            <h2 id="why">{{ __('style.why.title') }}</h2>
            <ul class="recent">@foreach (__('style.why.lines') as $line)<li>{{ $line }}</li>@endforeach</ul>
            <p class="reason">{{ __('style.why.meanwhile') }}</p>
        </section>
    @endif
    @if ($earlier->isNotEmpty())
        <h2>{{ __('style.before') }}</h2>
        <ul class="recent">@foreach ($earlier as $one)<li>{{ trans_choice('style.earlier', (int) $one->made_on->diffInDays($one->ended_on) + 1, ['day' => $dated($one->made_on, 'j M Y'), 'style' => __("nagomi.stylings.{$one->styling}"), 'times' => trans_choice('style.refreshed', (int) $refreshed[$one->id])]) }}</li>@endforeach</ul>
    @endif
</x-layout>
