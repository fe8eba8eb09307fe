<x-layout :title="__('practice.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/practice.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('practice.title') }}</h1><p class="lead">{{ __('practice.lead') }}</p></div><a class="button" href="{{ route('practice.drills') }}">{{ __('practice.drills.link') }}</a>@reaches('practice.team')<a class="button" href="{{ route('practice.team') }}">{{ __('practice.team.link') }}</a>@endreaches</header>
    @if ($open !== [])@include('practice.rows', ['which' => 'open', 'rows' => $open])@endif
    @foreach ($written as $grade => $cases)
    <section class="card" aria-labelledby="grade-{{ $grade }}">
        <h2 id="grade-{{ $grade }}">{{ __("practice.grades.{$grade}") }}</h2>
        <ul class="practice-cases">
        @foreach ($cases as $case)
            <li><div><strong>{{ $case['title'] }}</strong><p>{{ $case['story'] }}</p>@if ($case['came'] !== '')<p class="reason">{{ $case['came'] }}</p>@endif</div>
                <form method="post" action="{{ route('practice.store') }}"><x-act/><input type="hidden" name="case" value="{{ $case['name'] }}"><button class="button">{{ __($case['came'] === '' ? 'practice.begin.do' : 'practice.begin.again') }}<span class="is-sr-only">: {{ $case['title'] }}</span></button></form></li>
        @endforeach
        </ul>
    </section>
    @endforeach
    @if ($lived !== [])
    <section class="card" aria-labelledby="lived">
        <h2 id="lived">{{ __('practice.lived.own') }}</h2>
        <ul class="practice-cases">
        @foreach ($lived as $case)
            <li><div><strong>{{ $case['title'] }}</strong><p>{{ $case['says'] }}</p></div>
                <div class="practice-does"><form method="post" action="{{ route('practice.store') }}"><x-act/><input type="hidden" name="lived" value="{{ $case['id'] }}"><button class="button">{{ __('practice.begin.do') }}<span class="is-sr-only">: {{ $case['title'] }}</span></button></form>
                @reaches('practice.lived.destroy')<form method="post" action="{{ route('practice.lived.destroy', $case['id']) }}"><x-act/> @method('delete')<button class="button">{{ __('practice.drop') }}<span class="is-sr-only">: {{ $case['title'] }}</span></button></form>@endreaches</div></li>
        @endforeach
        </ul>
    </section>
    @endif
    <section class="card" aria-labelledby="begin">
        <h2 id="begin">{{ __('practice.begin.title') }}</h2>
        @error('case')<p class="help is-danger" id="f-case">{{ $message }}</p>@enderror
        <form method="post" action="{{ route('practice.store') }}" class="practice-begin" novalidate>
            <x-act/>
            <x-field name="seed" :label="__('practice.begin.number')" mode="numeric" :help="__('practice.begin.help')"/>
            <button class="button is-strong">{{ __('practice.begin.new') }}</button>
        </form>
    </section>
    @if ($ended !== [])@include('practice.rows', ['which' => 'ended', 'rows' => $ended])@endif
    <p class="note">{{ __('practice.team.seen') }}</p>
    @if ($plot !== null)
    <section class="card" aria-labelledby="certain">
        <h2 id="certain">{{ __('practice.result.plot') }}</h2>
        <p class="verdict-words">{{ $certain }}</p>
        @include('practice.plot')
    </section>
    @endif
</x-layout>
