<x-layout :title="'Style of ' . $called($head->name)" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"><script type="module" src="{{ asset('js/screens/style.js') }}"></script></x-slot:scripts>
    <header class="page-head"><x-portrait :head="$head"/><div class="grow"><h1>Style</h1><p class="lead">{{ $style ? ucfirst(__("nagomi.stylings.{$style->styling}")) . ', made on ' . $style->made_on->format('j M Y') . ', day ' . ((int) $style->made_on->diffInDays($today) + 1) : 'None is followed now.' }}</p></div></header>
    @if ($takeDown)
        <p @class(['caution-line' => $takeDown->daysLate > 0, 'worth' => $takeDown->daysLate === 0])>
            <strong>Take it down {{ $takeDown->daysLate > 0 ? 'now: it was due on ' : 'by ' }}{{ $takeDown->dueOn->format('j M Y') }}.</strong> About {{ round($takeDown->minutes) }} minutes{{ $takeDown->daysLate > 0 ? ', more for each week it stays in: it tangles' : '' }}. @caution('tension')
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
                <h2>Kept so far</h2>
                @if ($days === [])<p>Nothing yet. Refresh with water and a little product, no dry brushing; satin or silk at night.</p>@endif
                <ul class="recent">@foreach ($days as $of)<li><strong>{{ __('wash.look.day', ['number' => $of['number']]) }} @day($of['day'], 'j M')</strong> {{ implode('; ', array_filter([$of['looks'], $of['did']])) }}</li>@endforeach</ul>
                <form method="post" action="{{ route('clients.style.keep', $head) }}" class="asks" novalidate><x-act/> @method('put')
                    <x-field name="on" label="Day" type="date" :value="$today->format('Y-m-d')"/>
                    <x-choice name="what" label="What was done" :options="__('nagomi.keeping')"/>
                    <button class="button">Note it</button>
                </form>
            </section>
            <section>
                <h2>When it stops being good</h2>
                <form method="post" action="{{ route('clients.style.end', $head) }}" class="asks" novalidate><x-act/> @method('delete')
                    <div class="field"><label class="label" for="f-last">Last good on</label><div class="control"><input class="input" type="date" id="f-last" name="on" value="{{ $today->format('Y-m-d') }}"></div></div>
                    <button class="button">It was last good then</button>
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
        <summary>{{ $style ? 'A new style in its place' : 'Follow a style' }}</summary>
        <form method="post" action="{{ route('clients.style.begin', $head) }}" class="asks" novalidate><x-act/>
            <x-choice name="styling" label="Style" :options="array_diff_key(__('nagomi.stylings'), ['not-today' => 0])"/>
            <div class="field"><label class="label" for="f-made">Made on</label><div class="control"><input class="input" type="date" id="f-made" name="on" value="{{ $today->format('Y-m-d') }}"></div></div>
            <x-field name="stays_days" label="Stays in, if braided or twisted" unit="days" mode="numeric" help="empty: twists 14, braids 28, knots 10"/>
            <button class="button">Follow it</button>
        </form>
    </details>
    @if ($earlier->isNotEmpty())
        <h2>Before</h2>
        <ul class="recent">@foreach ($earlier as $one)<li>{{ $one->made_on->format('j M Y') }}: {{ __("nagomi.stylings.{$one->styling}") }}, good for {{ (int) $one->made_on->diffInDays($one->ended_on) + 1 }} days, refreshed {{ $refreshed[$one->id] }} times</li>@endforeach</ul>
    @endif
</x-layout>
