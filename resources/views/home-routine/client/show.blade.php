<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="robots" content="noindex, nofollow">
    <meta name="referrer" content="no-referrer">
    <meta name="owner" content="{{ $link->owner() }}">
    <title>Home routine</title>
    <link rel="icon" href="{{ asset('assets/mark.svg') }}" type="image/svg+xml">
    <link rel="stylesheet" href="{{ asset('assets/bulma.css') }}">
    <link rel="stylesheet" href="{{ asset('css/app.css') }}">
    <script type="module" src="{{ asset('js/screens/home-routine.js') }}"></script>
</head>
<body>
<main class="card-page" data-card="{{ $link->id }}" data-acts="{{ $link->path('card.acts') }}" data-today="{{ $today->format('Y-m-d') }}" data-zone="{{ $salon->timezone }}" data-turns="{{ $salon->day_turns_minute }}">
    <h1>{{ explode(' ', $head->name)[0] }}</h1>
    <p class="lead">Home routine of {{ $salon->name }}.@if ($next) Next here: <strong>{{ $next['when'] }}</strong>, {{ $next['service'] }}.@endif</p>
    <p class="reason" data-insecure hidden>{{ __('home-routine.insecure') }}</p>
    <ul class="card-told" data-told></ul>
    <noscript><p class="worth">Ticking needs JavaScript; reading does not.</p></noscript>
    <h2>At home</h2>
    @include('home-routine.client.days', ['ticks' => true])
    @if ($style)
        <h2>Your style, day {{ $styleDay }}</h2>
        <p>{{ ucfirst(__("nagomi.stylings.{$style->styling}")) }}. Cover it at night with satin; refresh with water before more product.</p>
        <div class="looks" data-looks="{{ __('home-routine.style.looks') }}">
            @foreach (['definition', 'frizz', 'moisture'] as $sign)
                <fieldset><legend>{{ __("wash.look.{$sign}.is") }}</legend>@foreach ([2, 1, 0] as $points)<button type="button" class="button" data-look="{{ $sign }}" data-of="{{ $points }}" aria-pressed="false">{{ __("wash.look.{$sign}.{$points}") }}</button>@endforeach</fieldset>
            @endforeach
        </div>
        <p class="objects">@foreach (__('home-routine.style.did') as $what => $words)<button type="button" class="button" data-style="{{ $what }}">{{ $words }}</button>@endforeach</p>
    @endif
    @if ($due !== [])<h2>{{ __('chair-work.home.title') }}</h2><ul class="card-list">@foreach ($due as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
    <h2>How is it?</h2>
    <p class="reason">Whatever you like to say; each is one tap to send.</p>
    @foreach (['feel' => ['How does it feel between the fingers?', 'points', range(-5, 5), 'stiff straw', 'soft mush'], 'dryness' => ['How dry is it?', 'points', range(0, 10), 'full of water', 'bone dry']] as $test => [$question, $name, $points, $low, $high])
        <fieldset class="points card-read" data-test="{{ $test }}"><legend>{{ $question }}</legend>
            <div class="points-row">@foreach ($points as $point)<button type="button" class="button" data-points="{{ $point }}">{{ $point < 0 ? '−' . abs($point) : $point }}</button>@endforeach</div>
            <p class="reason">{{ $points[0] < 0 ? '−5' : '0' }} {{ $low }}, {{ max($points) }} {{ $high }}</p></fieldset>
    @endforeach
    <details class="card-read" data-test="wet-stretch"><summary>Stretch one wet hair</summary>
        <p class="reason">Lay a wet hair along a ruler, pull slowly, let go.</p>
        <div class="row">@foreach (['rest_mm' => 'At rest', 'stretched_mm' => 'Stretched', 'returned_mm' => 'Let go'] as $name => $words)<div class="field"><label class="label" for="c-{{ $name }}">{{ $words }} <span class="unit">mm</span></label><input class="input" inputmode="decimal" id="c-{{ $name }}" data-raw="{{ $name }}"></div>@endforeach</div>
        <label class="checkbox"><input type="checkbox" data-snapped><span>It snapped</span></label>
        <p><button type="button" class="button" data-read>Send</button></p></details>
    <details class="card-read" data-test="shed-ball"><summary>The ball of hair that came out</summary>
        <p class="reason">Roll it up, let it dry, weigh it on a kitchen scale.</p>
        <div class="row"><div class="field"><label class="label" for="c-mass">Weight <span class="unit">g</span></label><input class="input" inputmode="decimal" id="c-mass" data-raw="mass_g"></div>
            <div class="field"><label class="label" for="c-days">Days since you last detangled</label><input class="input" inputmode="numeric" id="c-days" data-raw="days_since_detangled"></div></div>
        @if ($head->length_mm === null)<div class="field"><label class="label" for="c-length">Length of its hairs, stretched <span class="unit">mm</span></label><input class="input" inputmode="numeric" id="c-length" data-raw="length_mm"></div>@else<input type="hidden" data-raw="length_mm" value="{{ $head->length_mm }}">@endif
        <input type="hidden" data-raw="diameter_um" value="{{ $head->strand_um ?? 70 }}">
        <p><button type="button" class="button" data-read>Send</button></p></details>
    <details class="card-read" data-test="scalp-at-home"><summary>Your scalp</summary>
        <div class="row">@foreach (['itch' => 'Itch', 'oil' => 'Oil', 'soreness' => 'Soreness', 'dryness' => 'Tight or dry'] as $name => $words)<div class="field"><label class="label" for="c-{{ $name }}">{{ $words }} <span class="unit">0 to 10</span></label><input class="input" inputmode="numeric" id="c-{{ $name }}" data-raw="{{ $name }}" @if ($name === 'dryness') data-optional @endif></div>@endforeach</div>
        <p><button type="button" class="button" data-read>Send</button></p></details>
    <details class="card-read"><summary>A picture</summary>
        <input class="input" type="file" accept="image/*" data-picture aria-label="Picture">
        <label class="checkbox"><input type="checkbox" data-agreed><span>{{ $salon->name }} may keep this picture; where it was taken is not kept</span></label>
        <p><button type="button" class="button" data-send-picture>Send</button></p></details>
    @include('home-routine.client.watch')
</main>
<x-offline of="home-routine"/>
</body>
</html>
