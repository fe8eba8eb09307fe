<x-layout :title="'What if, for ' . $called($head->name)" :head="$head">
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/now.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>What if</h1><p class="lead">One thing done differently, twelve weeks on. Your plan won’t change.</p></div>
        <a class="button" href="{{ route('clients.plan', $head) }}">{{ __('plan.back') }}</a>
    </header>
    @if ($futures !== [])
        <p class="verdict-words">{{ $says }} {{ $verdict }}</p>
        @if ($usable)
            <form method="post" action="{{ $says === null ? route('clients.plan.what-if.use', $head) : route('clients.plan.wishes', $head) }}" class="use-this"><x-act/>
                @if ($says === null)<input type="hidden" name="change" value="{{ $change->value }}"><input type="hidden" name="number" value="{{ $typed }}">
                @else<input type="hidden" name="seen" value="{{ $seen }}">@foreach (['wish', 'wish_what', 'wish_from', 'wish_until', 'wish_days'] as $name)<input type="hidden" name="{{ $name }}" value="{{ request($name) }}">@endforeach @endif
                <button class="button is-strong is-large">{{ __('wishes.use') }}</button>
            </form>
        @else<p class="reason">{{ __("wishes.not-usable.{$change->value}") }}</p>@endif
    @endif
    <h2>{{ __('wishes.for-a-time') }}</h2>
    <form method="get" action="{{ route('clients.plan.what-if', $head) }}" class="asks" novalidate>
        <x-choice name="wish" :label="__('wishes.kind')" :options="__('wishes.kinds')" :value="request('wish', 'leave-out')"/>
        <x-choice name="wish_what" :label="__('wishes.treatment')" :options="__('wishes.treatments')" :value="request('wish_what', 'mask')"/>
        <x-field name="wish_from" :label="__('wishes.from')" type="date" :value="request('wish_from', $today->format('Y-m-d'))"/>
        <x-field name="wish_until" :label="__('wishes.until')" type="date" :value="request('wish_until', $today->addWeeks(3)->format('Y-m-d'))"/>
        <x-field name="wish_days" :label="__('wishes.days')" mode="numeric" :value="request('wish_days')" :help="__('wishes.days-help')"/>
        <button class="button is-strong">{{ __('wishes.show') }}</button>
    </form>
    <h2>{{ __('wishes.for-good') }}</h2>
    <form method="get" action="{{ route('clients.plan.what-if', $head) }}" class="asks" novalidate>
        <div class="field">
            <label class="label" for="change">Change</label>
            <div class="select"><select id="change" name="change">
                @foreach (__('nagomi.changes') as $key => $words)<option value="{{ $key }}" @selected($change?->value === $key)>{{ $words }}</option>@endforeach
            </select></div>
        </div>
        <div class="field">
            <label class="label" for="number">Number <span class="unit">where one is asked for</span></label>
            <input class="input @if ($wrong) is-danger @endif" id="number" name="number" inputmode="decimal" value="{{ $typed }}" @if ($wrong) aria-invalid="true" aria-describedby="wrong" @endif>
        </div>
        <button class="button is-strong">Compare</button>
        @if ($wrong)<p class="help is-danger" id="wrong">{{ $wrong }}</p>@endif
        @error('number')<p class="help is-danger">{{ $message }}</p>@enderror
    </form>
    @if ($rows !== [])
        <table class="table compare">
            <caption class="is-sr-only">Both futures over twelve weeks</caption>
            <thead><tr><th scope="col">Twelve weeks</th>@foreach ($futures as $name => $future)<th scope="col" class="num">{{ $name }}</th>@endforeach<th scope="col" class="num">difference</th></tr></thead>
            <tbody>
            @foreach ($rows as $what => $difference)
                <tr><td>{{ __("wishes.rows.{$what}") }}</td>@foreach ($futures as $future)<td class="num">{{ $future[$what] }}</td>@endforeach<td class="num"><strong>{{ $difference > 0 ? '+' : '' }}@number($difference)</strong></td></tr>
            @endforeach
            </tbody>
        </table>
    @endif
    @if ($futures !== [])
        <div class="futures">
            @foreach ($futures as $name => $future)
                <section aria-labelledby="future-{{ $loop->index }}">
                    <h2 id="future-{{ $loop->index }}">{{ ucfirst($name) }}</h2>
                    <x-hair-balance :balance="$future['balance']" :name="'f' . $loop->index" :label="__('hair-balance.span.ahead', ['name' => $name])"/>
                </section>
            @endforeach
        </div>
    @endif
</x-layout>
