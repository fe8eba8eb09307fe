<x-layout :title="__('clients.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/clients.css') }}"></x-slot:scripts>
    <header class="page-head">
        <h1>{{ __('clients.title') }}</h1>
        <form class="search" role="search" method="get" action="{{ route('clients.index') }}">
            <label class="is-sr-only" for="search">{{ __('clients.search') }}</label>
            <input class="input" id="search" type="search" name="search" value="{{ $search }}" placeholder="{{ __('clients.search-short') }}" data-search>
        </form>
        @reaches('clients.create')<a class="button is-strong" href="{{ route('clients.create') }}" data-key="n">{{ __('clients.new') }}</a>@endreaches
    </header>
    <div class="filter-line">
    @if ($search === '' && $counts['all'] > 0)
        <nav class="joined" aria-label="{{ __('clients.filter') }}">
            @foreach ($counts as $filter => $count)
                <a href="{{ route('clients.index', ['show' => $filter]) }}" @if ($show === $filter) aria-current="true" @endif>{{ __("clients.filters.{$filter}") }} <span>{{ $count }}</span></a>
            @endforeach
        </nav>
    @endif
    <p>@reaches('plans')<a class="button is-small" href="{{ route('plans') }}">{{ __('clients.compare') }}</a>@endreaches @reaches('clients.records.create')<a class="button is-small" href="{{ route('clients.records.create') }}">{{ __('clients.import') }}</a>@endreaches</p>
    </div>
    @if ($rows === [])
        <div class="empty">
            <p>{{ $search !== '' ? __('clients.not-found', ['search' => $search]) : __('clients.nobody.' . ($counts['all'] === 0 ? 'all' : $show)) }}</p>
            @if ($search !== '' || $counts['all'] > 0)<p><a href="{{ route('clients.index', ['show' => 'all']) }}">{{ __('clients.see-all') }}</a></p>
            @endif
        </div>
        @if ($counts['all'] === 0)<x-first-steps/>@endif
    @else
        <ul class="heads">
            @foreach ($rows as $row)
                <li>
                    <a class="head-row" href="{{ route('clients.now', $row->head) }}">
                        <x-portrait :head="$row->head"/>
                        <span class="head-who">
                            <strong>{{ $called($row->head->name) }}</strong>
                            <span>@traits($row->head)</span>
                        </span>
                        <span class="head-verdict">@reaches('clients.plan'){{ $row->head->outlook === null ? __('clients.not-worked-out') : $said($row->head->outlook->verdict) }}@endreaches</span>
                        <span class="head-next">
                            @if ($row->when !== '')<strong @class(['is-due' => $row->isDue()])>{{ $row->when }}</strong>@endif
                            @if ($row->isLookedAtFirst()) @reaches('clients.plan')<span class="is-sign">{{ $row->also }}</span>@endreaches @elseif ($row->also !== '')<span>{{ $row->also }}</span>@endif
                        </span>
                    </a>
                </li>
            @endforeach
        </ul>
        <x-picture-help of="strands"/>
        <p class="count">{{ $pages->hasPages() ? __('clients.part', ['from' => $pages->currentPage() * $pages->perPage() - $pages->perPage() + 1, 'to' => min($pages->total(), $pages->currentPage() * $pages->perPage()), 'count' => $pages->total()]) : trans_choice('clients.count', $pages->total()) }}</p>
        <x-pager :of="$pages" :label="__('clients.pages')" :before="__('clients.before')" :after="__('clients.after')"/>
    @endif
</x-layout>
