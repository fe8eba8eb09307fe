<x-layout :title="__('what-if.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/what-if.css') }}"><script type="module" src="{{ asset('js/screens/what-if.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('what-if.title') }}</h1><p class="lead">{{ __('what-if.lead') }}</p></div>
        <a class="button" href="{{ route('clients.plan', $head) }}">{{ __('what-if.back') }}</a>
    </header>
    @php($isWrong = $wrong || $errors->any())
    <form method="get" action="{{ route('clients.plan.what-if', $head) }}" class="sentence card" data-sentence="{{ $form->forThePage() }}" novalidate>
        <p class="sentence-line">
            <span>{{ __('what-if.begins') }}</span>
            <select name="asked" aria-label="{{ __('what-if.act') }}">@foreach ($form->acts as $act => $words)<option value="{{ $act }}" @selected($act === $form->asked)>{{ $words }}</option>@endforeach</select>
            <select name="wish_what" data-part="treatment" aria-label="{{ __('what-if.treatment') }}">@foreach (__('wishes.treatments') as $what => $words)<option value="{{ $what }}" @selected($what === $form->treatment)>{{ $words }}</option>@endforeach</select>
            <span data-part="number"><span data-before></span><input name="number" inputmode="decimal" value="{{ $form->number }}" autocomplete="off" aria-label="{{ __('what-if.number') }}" @if ($isWrong) aria-invalid="true" aria-describedby="wrong" @endif><span data-of>{{ __('what-if.units') }}</span></span>
            <span data-part="dates">{{ __('what-if.from') }} <input type="date" name="wish_from" value="{{ $form->from }}" aria-label="{{ __('what-if.from') }}"> {{ __('what-if.until') }} <input type="date" name="wish_until" value="{{ $form->until }}" aria-label="{{ __('what-if.until') }}"></span><span>?</span>
            <button class="button is-strong is-large">{{ __('what-if.ask') }}</button>
        </p>
        @if ($isWrong)<p class="help is-danger" id="wrong">{{ $wrong ?? $errors->first() }}</p>@endif
        @if ($form->instances !== [])
            <p class="sentence-instances"><span class="reason">{{ __('what-if.examples') }}</span>
                @foreach ($form->instances as $instance)<a class="button" href="{{ route('clients.plan.what-if', [$head, ...$instance['query']]) }}">{{ $instance['words'] }}</a>@endforeach
            </p>
        @endif
    </form>
    @if ($verdict !== null)
        <section class="card what-if-says" aria-live="polite">
            @if ($says)<h2>{{ $says }}</h2>@endif
            @foreach ($turns as $turn)<p class="verdict-words">{{ $turn }}</p>@endforeach
            @if ($turns === [] && $rows !== [] && ! isset($rows['days']))<p class="verdict-words">{{ __('wishes.verdict.balance') }}</p>@endif
            <p @class(['verdict-words' => $turns === [] && ($rows === [] || isset($rows['days']))])>{{ $verdict }}</p>
            @if ($notReadYet)<p class="reason">{{ __('what-if.not-tested') }}</p>@endif
            @if ($usable)
                @reaches('clients.plan.what-if.use')<form method="post" action="{{ $says === null ? route('clients.plan.what-if.use', $head) : route('clients.plan.wishes', $head) }}" class="use-this"><x-act/>
                    @if ($says === null)<input type="hidden" name="change" value="{{ $change->value }}"><input type="hidden" name="number" value="{{ $form->number }}">
                    @else<input type="hidden" name="seen" value="{{ $seen }}">@foreach ($wish as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach @endif
                    <button class="button is-strong is-large">{{ __('wishes.use') }}</button>
                </form>@endreaches
            @else<p class="reason">{{ __("wishes.not-usable.{$change->value}") }}</p>@endif
            @if ($rows !== [])
                <details><summary>{{ __('what-if.numbers') }}</summary>
                    <table class="table compare">
                        <caption class="is-sr-only">{{ __('what-if.caption') }}</caption>
                        <thead><tr><th scope="col">{{ __('what-if.twelve-weeks') }}</th><th scope="col" class="num">{{ __('what-if.planned') }}</th><th scope="col" class="num">{{ __('what-if.changed') }}</th><th scope="col" class="num">{{ __('what-if.difference') }}</th></tr></thead>
                        <tbody>
                        @foreach ($rows as $what => $row)
                            <tr><td>{{ __("wishes.rows.{$what}") }}</td><td class="num">@number($row['planned'])</td><td class="num">@number($row['changed'])</td><td class="num"><strong>{{ $row['more'] > 0 ? '+' : '' }}@number($row['more'])</strong></td></tr>
                        @endforeach
                        </tbody>
                    </table>
                </details>
            @endif
        </section>
    @elseif ($notReadYet)<p class="reason">{{ __('what-if.not-tested') }}</p>@endif
    <section class="card" aria-labelledby="picture-of">
        <h2 id="picture-of">{{ __('hair-balance.title') }}, {{ __($beside ? 'what-if.picture.asked' : 'what-if.picture.plan') }}</h2>
        <x-hair-balance :balance="$balance" :beside="$beside" :top="$top" :verdict="implode(' ', $turns)" :label="__('hair-balance.span.ahead', ['name' => __($beside ? 'what-if.changed' : 'what-if.planned')])"/>
    </section>
</x-layout>
