<x-layout title="Clients">
    <header class="page-head">
        <h1>Clients</h1>
        <form class="search" role="search" method="get" action="{{ route('clients.index') }}">
            <label class="is-sr-only" for="search">Search heads by name</label>
            <input class="input" id="search" type="search" name="search" value="{{ $search }}" placeholder="Search by name" data-search>
        </form>
        <a class="button" href="{{ route('plans') }}">Plans side by side</a>
        <a class="button" href="{{ route('clients.records.create') }}">Take in a record</a>
        <a class="button is-strong" href="{{ route('clients.create') }}" data-key="n">New client</a>
    </header>
    @if ($heads->isEmpty())
        <div class="empty">
            @if ($search !== '')
                <p>No client is called “{{ $search }}”. Try a part of the name, or <a href="{{ route('clients.index') }}">see all clients</a>.</p>
            @else
                <p>No clients yet. Begin with <a href="{{ route('clients.create') }}">a new client</a>: ten minutes of questions, then the hair tests.</p>
            @endif
        </div>
    @else
        <ul class="heads">
            @foreach ($heads as $head)
                @php($next = $head->planItems->first())
                <li>
                    <a class="head-row" href="{{ route('clients.now', $head) }}">
                        <x-portrait :head="$head"/>
                        <span class="head-who">
                            <strong>{{ $called($head->name) }}</strong>
                            <span>@traits($head)</span>
                        </span>
                        <span class="head-verdict">{{ $head->outlook->verdict ?? 'Not worked out yet; open it.' }}</span>
                        <span class="head-next">
                            @if ($next)
                                <strong>{{ $next->date->lessThanOrEqualTo($today) ? 'today' : $next->date->format('j M') }}</strong>
                                <span>{{ (int) $next->minutes }} min</span>
                            @endif
                        </span>
                    </a>
                </li>
            @endforeach
        </ul>
        <p class="count">{{ $heads->count() }} {{ $heads->count() === 1 ? 'head' : 'heads' }}{{ $search !== '' ? " with “{$search}” in the name" : '' }}</p>
    @endif
</x-layout>
