<x-layout :title="__('practice.drills.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/practice.css') }}">@if ($questions !== [])<script type="module" src="{{ asset('js/screens/drills.js') }}"></script>@endif</x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('practice.drills.title') }}</h1><p class="lead">{{ __('practice.drills.lead') }}</p></div><a class="button" href="{{ route('practice') }}">{{ __('practice.result.back') }}</a></header>
    @error('kind')<p class="wrong" role="alert" id="f-kind">{{ $message }}</p>@enderror
    @error('answer')<p class="wrong" role="alert" id="f-answer">{{ $message }}</p>@enderror
    @if ($marked !== [])
    <section class="card" aria-labelledby="marked">
        <h2 id="marked">{{ __('practice.drills.how', ['right' => count(array_filter(array_column($marked, 'isRight'))), 'all' => count($marked)]) }}</h2>
        <ol class="drill-marked">
        @foreach ($marked as $row)<li><p>{{ $row['asks'] }}</p><p><strong>{{ __($row['isRight'] ? 'practice.drills.right' : 'practice.drills.missed') }}.</strong> {{ __('practice.drills.is', ['right' => $row['right']]) }}@unless ($row['isRight']) <span class="reason">{{ __('practice.drills.you', ['was' => $row['was']]) }}</span>@endunless</p></li>@endforeach
        </ol>
        <a class="button is-strong" href="{{ route('practice.drills', ['kind' => $kind]) }}">{{ __('practice.drills.again') }}</a>
    </section>
    @elseif ($questions !== [])
    <form method="post" action="{{ route('practice.drills.store') }}" class="card drill" data-drill data-seconds="{{ $seconds }}" data-left="{{ __('practice.drills.left') }}" data-over="{{ __('practice.drills.over') }}">
        <x-act/>
        <input type="hidden" name="kind" value="{{ $kind }}">
        <h2>{{ __("practice.drills.kinds.{$kind}") }}</h2>
        <p class="drill-clock" role="timer" data-clock></p>
        @foreach ($questions as $question)
        <fieldset class="points"><legend>{{ $question['asks'] }}</legend>
            <input type="hidden" name="answer[{{ $question['item'] }}]" value="">
            <div class="points-row">@foreach ($question['choices'] as $choice => $words)<label><input type="radio" name="answer[{{ $question['item'] }}]" value="{{ $choice }}"><span class="is-word">{{ $words }}</span></label>@endforeach</div>
        </fieldset>
        @endforeach
        <button class="button is-strong">{{ __('practice.drills.done') }}</button>
    </form>
    @elseif ($kind !== null)
    <p class="note" role="status">{{ __('practice.drills.nothing') }}</p>
    @endif
    <section class="card" aria-label="{{ __('practice.drills.title') }}">
        <ul class="practice-cases">
        @foreach ($kinds as $row)
            <li><div><strong>{{ $row['name'] }}</strong><p>{{ $row['says'] }}</p></div>@if ($row['due'] > 0)<div class="practice-does"><a class="button" href="{{ route('practice.drills', ['kind' => $row['kind']]) }}">{{ __('practice.drills.begin') }}<span class="is-sr-only">: {{ $row['name'] }}</span></a></div>@endif</li>
        @endforeach
        </ul>
    </section>
</x-layout>
