<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="robots" content="noindex, nofollow">
    <meta name="referrer" content="no-referrer">
    <meta name="owner" content="{{ $link->owner() }}">
    <title>{{ __('home-routine.title') }}</title>
    <link rel="icon" href="{{ asset('assets/mark.svg') }}" type="image/svg+xml">
    <link rel="stylesheet" href="{{ asset('assets/bulma.css') }}">
    <link rel="stylesheet" href="{{ asset('css/app.css') }}">
    <link rel="stylesheet" href="{{ asset('css/home-routine.css') }}">
    <script type="module" src="{{ asset('js/screens/home-routine.js') }}"></script>
</head>
<body>
<main class="card-page" data-card="{{ $link->id }}" data-acts="{{ $link->path('card.acts') }}" data-today="{{ $today->format('Y-m-d') }}" data-made="{{ now()->getTimestampMs() }}" data-zone="{{ $salon->timezone }}" data-turns="{{ $salon->day_turns_minute }}">
    <header class="home-top"><h1>{{ __('home-routine.hello', ['name' => explode(' ', $head->name)[0]]) }}</h1><p>{{ $salon->name }}</p></header>
    <p class="reason" data-insecure hidden>{{ __('home-routine.insecure') }}</p>
    <ul class="card-told" data-told role="status"></ul>
    <noscript><p class="worth">{{ __('home-routine.no-scripts') }}</p></noscript>
    @if ($strands)
        <div class="card home-strands">
            <figure><x-portrait :shape="$strands['now']"/><figcaption>{{ __('home-routine.strand.now') }}</figcaption></figure>
            <figure><x-portrait :shape="$strands['later']"/><figcaption>{{ __($strands['same'] ? 'home-routine.strand.same' : 'home-routine.strand.later') }}</figcaption></figure>
        </div>
    @endif
    @include('home-routine.client.days', ['ticks' => true])
    <p class="home-visit"><b>{{ __('home-routine.visit') }}</b> @if ($next){{ __('home-routine.visit-on', $next) }}@else{{ __('home-routine.no-visit') }}@endif</p>
    @if ($style)
        <section class="card">
            <h2>{{ __('home-routine.style.title', ['day' => $styleDay]) }}</h2>
            <p>{{ ucfirst(__("nagomi.stylings.{$style->styling}")) }}. {{ __('home-routine.style.keep') }}</p>
            <div class="looks" data-looks="{{ __('home-routine.style.looks') }}">
                @foreach (['definition', 'frizz', 'moisture'] as $sign)
                    <fieldset><legend>{{ __("wash.look.{$sign}.is") }}</legend>@foreach ([2, 1, 0] as $points)<button type="button" class="button" data-look="{{ $sign }}" data-of="{{ $points }}" aria-pressed="false">{{ __("wash.look.{$sign}.{$points}") }}</button>@endforeach</fieldset>
                @endforeach
            </div>
            <p class="objects">@foreach (__('home-routine.style.did') as $what => $words)<button type="button" class="button" data-style="{{ $what }}">{{ $words }}</button>@endforeach</p>
        </section>
    @endif
    @if ($due !== [])<h2>{{ __('chair-work.home.title') }}</h2><ul class="card-list">@foreach ($due as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
    <h2>{{ __('home-routine.tell.title') }}</h2>
    <p class="reason">{{ __('home-routine.tell.why') }}</p>
    @foreach (['feel' => range(-5, 5), 'dryness' => range(0, 10)] as $test => $points)
        <fieldset class="points card-read" data-test="{{ $test }}"><legend>{{ __("home-routine.tell.{$test}.ask") }}</legend>
            <div class="points-row">@foreach ($points as $point)<button type="button" class="button" data-points="{{ $point }}">{{ $point < 0 ? '−' . abs($point) : $point }}</button>@endforeach</div>
            <p class="reason">{{ __("home-routine.tell.{$test}.low") }}, {{ __("home-routine.tell.{$test}.high") }}</p></fieldset>
    @endforeach
    <details class="card-read" data-test="wet-stretch"><summary>{{ __('home-routine.tell.stretch.title') }}</summary>
        <p class="reason">{{ __('home-routine.tell.stretch.how') }}</p>
        <div class="row">@foreach (['rest_mm', 'stretched_mm', 'returned_mm'] as $name)<div class="field"><label class="label" for="c-{{ $name }}">{{ __("home-routine.tell.stretch.{$name}") }} <span class="unit">mm</span></label><input class="input" inputmode="decimal" id="c-{{ $name }}" data-raw="{{ $name }}"></div>@endforeach</div>
        <label class="checkbox"><input type="checkbox" data-snapped><span>{{ __('home-routine.tell.stretch.snapped') }}</span></label>
        <p><button type="button" class="button" data-read>{{ __('home-routine.tell.send') }}</button></p></details>
    <details class="card-read" data-test="shed-ball"><summary>{{ __('home-routine.tell.ball.title') }}</summary>
        <p class="reason">{{ __('home-routine.tell.ball.how') }}</p>
        <div class="row"><div class="field"><label class="label" for="c-mass">{{ __('home-routine.tell.ball.weight') }} <span class="unit">g</span></label><input class="input" inputmode="decimal" id="c-mass" data-raw="mass_g"></div>
            <div class="field"><label class="label" for="c-days">{{ __('home-routine.tell.ball.days') }}</label><input class="input" inputmode="numeric" id="c-days" data-raw="days_since_detangled"></div></div>
        @if ($head->length_mm === null)<div class="field"><label class="label" for="c-length">{{ __('home-routine.tell.ball.length') }} <span class="unit">mm</span></label><input class="input" inputmode="numeric" id="c-length" data-raw="length_mm"></div>@else<input type="hidden" data-raw="length_mm" value="{{ $head->length_mm }}">@endif
        <input type="hidden" data-raw="diameter_um" value="{{ $head->strand_um ?? 70 }}">
        <p><button type="button" class="button" data-read>{{ __('home-routine.tell.send') }}</button></p></details>
    <details class="card-read" data-test="scalp-at-home"><summary>{{ __('home-routine.tell.scalp.title') }}</summary>
        <div class="row">@foreach (['itch', 'oil', 'soreness', 'dryness'] as $name)<div class="field"><label class="label" for="c-{{ $name }}">{{ __("home-routine.tell.scalp.{$name}") }} <span class="unit">{{ __('home-routine.tell.scalp.scale') }}</span></label><input class="input" inputmode="numeric" id="c-{{ $name }}" data-raw="{{ $name }}" @if ($name === 'dryness') data-optional @endif></div>@endforeach</div>
        <p><button type="button" class="button" data-read>{{ __('home-routine.tell.send') }}</button></p></details>
    <details class="card-read"><summary>{{ __('home-routine.tell.picture.title') }}</summary>
        <input class="input" type="file" accept="image/*" data-picture aria-label="{{ __('home-routine.tell.picture.label') }}">
        <label class="checkbox"><input type="checkbox" data-agreed><span>{{ __('home-routine.tell.picture.agree', ['salon' => $salon->name]) }}</span></label>
        <p><button type="button" class="button" data-send-picture>{{ __('home-routine.tell.send') }}</button></p></details>
    @include('home-routine.client.watch')
</main>
<x-offline of="home-routine"/>
</body>
</html>
