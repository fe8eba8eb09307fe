<x-layout :title="__('practice.result.title', ['client' => $title])">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/pictures.css') }}"><link rel="stylesheet" href="{{ asset('css/what-if.css') }}"><link rel="stylesheet" href="{{ asset('css/practice.css') }}"><script type="module" src="{{ asset('js/screens/practice.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <div class="grow"><h1>{{ __('practice.result.title', ['client' => $title]) }}</h1><p class="lead">{{ $verdict }}</p></div>
        @if ($again !== null)<form method="post" action="{{ route('practice.store') }}"><x-act/><input type="hidden" name="{{ $again[0] }}" value="{{ $again[1] }}"><button class="button">{{ __('practice.result.again') }}</button></form>@endif
        <form method="post" action="{{ route('practice.store') }}"><x-act/><button class="button is-strong">{{ __('practice.result.another') }}</button></form>
        <a class="button" href="{{ route('practice') }}">{{ __('practice.result.back') }}</a>
    </header>
    @if ($percent !== null)
    <section class="card" data-beside="{{ route('practice.beside', $played) }}" data-says="{{ __('practice.result.beside') }}">
        <p role="status">{{ __('practice.result.beside', ['percent' => $percent]) }}</p>
        <progress class="learning-progress" max="100" value="{{ $percent }}" aria-label="{{ __('practice.result.beside', ['percent' => $percent]) }}">{{ $percent }} %</progress>
        <form method="post" action="{{ route('practice.beside', $played) }}"><x-act/><button class="button">{{ __('practice.result.work') }}</button></form>
    </section>
    @endif
    <section class="card" aria-labelledby="players">
        <h2 id="players">{{ __('practice.result.players') }}</h2>
        <ul class="practice-players">@foreach ($players as $player)<li><span>{{ $player['name'] }}</span><meter min="0" max="100" value="{{ $player['share'] }}" aria-hidden="true">{{ $player['share'] }} %</meter><strong class="figure">{{ $player['lost'] }}</strong></li>@endforeach</ul>
        <p class="reason">{{ __('practice.result.players-help') }}</p>
        <details><summary>{{ __('practice.result.numbers') }}</summary>
            <x-wide :label="__('practice.result.numbers')"><table class="table book is-fullwidth"><thead><tr><td></td>@foreach ($players as $player)<th scope="col" class="num">{{ $player['name'] }}</th>@endforeach</tr></thead>
            <tbody>@foreach ($columns as $i => $column)<tr><th scope="row">{{ $column }}</th>@foreach ($players as $player)<td class="num">{{ $player['parts'][$i] }}</td>@endforeach</tr>@endforeach</tbody></table></x-wide>
        </details>
    </section>
    @if ($mattered !== [])
    <section class="card" aria-labelledby="mattered">
        <h2 id="mattered">{{ __('practice.result.mattered') }}</h2>
        <ol class="practice-mattered">@foreach ($mattered as $row)<li><p><strong>{{ $row['says'] }}</strong></p>
            <dl>@foreach ($row['ways'] as $who => $lines)<dt>{{ __("practice.players.{$who}") }}</dt><dd>@foreach ($lines as $line)<p>{{ $line }}</p>@endforeach</dd>@endforeach</dl></li>@endforeach</ol>
        <p class="reason">{{ __('practice.mattered-lead') }}</p>
    </section>
    @endif
    <section class="card" aria-labelledby="truth">
        <h2 id="truth">{{ __('practice.result.truth') }}</h2>
        @foreach ($truth as $line)<p class="verdict-words">{{ $line }}</p>@endforeach
        <x-hair-balance :balance="$balance" :truth="$really" :top="$top" name="truth" :label="__('practice.result.picture')"/>
    </section>
    <section class="card" aria-labelledby="certain">
        <h2 id="certain">{{ __('practice.result.plot') }}</h2>
        <p class="verdict-words">{{ $certain }}</p>
        @include('practice.plot')
    </section>
</x-layout>
