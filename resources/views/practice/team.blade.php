<x-layout :title="__('practice.team.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/practice.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('practice.team.title') }}</h1><p class="lead">{{ __('practice.team.lead') }}</p></div><a class="button" href="{{ route('practice') }}">{{ __('practice.result.back') }}</a></header>
    @if ($people === [])
    <section class="card" aria-labelledby="first">
        <h2 id="first">{{ __('practice.team.nobody') }}</h2>
        <div class="practice-person">
            <div><ol class="practice-mattered">@foreach (__('practice.team.first') as $line)<li><p>{{ $line }}</p></li>@endforeach</ol>
            <p class="practice-decide"><a class="button is-strong" href="{{ route('practice') }}">{{ __('practice.team.begin') }}</a></p></div>
            <div><p><strong>{{ __('practice.result.plot') }}</strong></p>@include('practice.plot', ['plot' => $empty])<p class="reason">{{ __('practice.team.plot-help') }}</p></div>
        </div>
    </section>
    @endif
    @foreach ($people as $i => $person)
    <section class="card" aria-labelledby="person-{{ $i }}">
        <h2 id="person-{{ $i }}">{{ $person['name'] }}</h2>
        <p class="verdict-words">{{ $person['certain'] }}</p>
        <div class="practice-person">
            <div>
                <p class="reason">{{ $person['cases'] }}</p>
                @foreach (['apart', 'certainty'] as $series)
                    @if (count($person[$series]) > 1)<p class="practice-series"><span>{{ __("practice.team.{$series}") }}</span><x-spark :series="$person[$series]"/><strong class="figure">@number($person[$series][0])</strong> → <strong class="figure">@number($person[$series][count($person[$series]) - 1])</strong></p>@endif
                @endforeach
                <x-wide :label="$person['name']"><table class="table book is-fullwidth">
                    <thead><tr><th scope="col">{{ __('practice.team.client') }}</th><th scope="col">{{ __('practice.team.day') }}</th><th scope="col" class="num">{{ __('practice.result.players') }}</th><th scope="col" class="num">{{ __('practice.players.planner') }}</th><th scope="col" class="num">{{ __('practice.team.brier') }}</th></tr></thead>
                    <tbody>@foreach ($person['rows'] as $row)<tr><th scope="row">{{ $row['title'] }}</th><td>{{ $row['day'] }}</td><td class="num">{{ $row['lost'] }}</td><td class="num">{{ $row['beside'] }}</td><td class="num">{{ $row['brier'] }}</td></tr>@endforeach</tbody>
                </table></x-wide>
            </div>
            @include('practice.plot', ['plot' => $person['plot']])
        </div>
    </section>
    @endforeach
    @if ($people !== [])
    <section class="card" aria-labelledby="agreement">
        <h2 id="agreement">{{ __('practice.team.agreement') }}</h2>
        <p class="reason">{{ __('practice.team.agreement-help') }}</p>
        @if ($agreement === [])<p>{{ __('practice.team.no-two') }}</p>
        @else<ul class="practice-players practice-agree">@foreach ($agreement as $row)<li><span><strong>{{ $row['title'] }}</strong> {{ $row['who'] }}</span><meter min="0" max="100" value="{{ $row['percent'] }}" aria-hidden="true">{{ $row['percent'] }} %</meter><strong>{{ $row['says'] }}</strong></li>@endforeach</ul>
        @endif
    </section>
    @endif
</x-layout>
