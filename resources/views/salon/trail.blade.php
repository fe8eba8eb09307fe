<x-layout :title="__('trail.title')" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/people.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('trail.title') }}</h1><p class="lead">{{ __($head ? 'trail.lead-client' : 'trail.lead') }}</p></div>@unless ($head)<x-salon-places/>@endunless</header>
    <details class="more-tests" @if (array_filter($chosen) !== []) open @endif>
        <summary>{{ __('trail.narrow') }}</summary>
        <form method="get" action="{{ $head ? route('clients.trail', $head) : route('salon.trail') }}" class="asks" novalidate>
            <x-choice name="who" :label="__('trail.who')" :options="$people" :empty="__('trail.anybody')" :value="$chosen['who']"/>
            <x-choice name="what" :label="__('trail.what')" :options="collect($kinds)->mapWithKeys(fn ($kind) => [$kind => __('trail.kinds.' . $kind)])->all()" :empty="__('trail.anything')" :value="$chosen['what']"/>
            @unless ($head)<x-field name="client" :label="__('trail.client')" :value="$chosen['client']"/>@endunless
            <x-field name="from" :label="__('trail.from')" type="date" :value="$chosen['from']"/>
            <x-field name="until" :label="__('trail.until')" type="date" :value="$chosen['until']"/>
            <button class="button">{{ __('trail.show') }}</button>
        </form>
    </details>
    @if ($rows === [])<div class="empty trail-empty"><p>{{ __(array_filter($chosen) === [] ? 'trail.none' : 'trail.none-such') }}</p></div>
    @else
        <section class="card trail-card" aria-label="{{ __('trail.title') }}">
            <ol class="trail">
                @foreach ($rows as $row)
                    <li>
                        <span class="trail-when">{{ $row->when }}</span>
                        <div>
                            <p><strong>{{ $row->what }}</strong>@if ($row->about !== '') <span>@if ($row->client && ! $head)<a href="{{ route('clients.now', $row->client) }}">{{ $row->about }}</a>@elseif (! $row->client){{ $row->about }}@endif</span>@endif</p>
                            @if ($row->changes !== [])
                                <details><summary>{{ trans_choice('trail.changes', count($row->changes)) }}</summary>
                                    <dl class="trail-changes">@foreach ($row->changes as $change)<div><dt>{{ $change['label'] }}</dt><dd>@if ($change['before'] !== '')<del>{{ $change['before'] }}</del> → @endif{{ $change['after'] !== '' ? $change['after'] : __('trail.empty') }}</dd></div>@endforeach</dl></details>
                            @endif
                        </div>
                        <span class="reason">{{ ($row->by !== '' ? $row->by : __('trail.nobody')) . ($row->program === '' ? '' : ' ' . __('trail.through', ['program' => $row->program])) }}@if ($row->from !== ''), {{ $row->from }}@endif</span>
                    </li>
                @endforeach
            </ol>
            <p class="reason trail-end">{{ __('trail.end') }}</p>
        </section>
        <x-pager :of="$pages" :label="__('trail.pages')" :before="__('trail.later')" :after="__('trail.earlier')"/>
    @endif
</x-layout>
