<x-layout title="Team">
    <header class="page-head"><div class="grow"><h1>Team</h1><p class="lead">Do we score the same? Differences are corrected automatically.</p></div><a class="button" href="{{ route('salon.edit') }}">Back to the house</a></header>
    @if ($biases === [] && $alike > 0)
        <p class="verdict-words">{{ trans_choice('reports.team.alike', $alike) }}</p>
    @elseif ($biases !== [])
        <x-wide-table label="How each stylist reads">
        <table class="table book is-fullwidth">
            <caption class="is-sr-only">How far each stylist reads a sign above the salon’s usual, with one standard deviation</caption>
            <thead><tr><th scope="col">Sign</th>@foreach ($names as $name)<th scope="col" class="num">{{ $name }}</th>@endforeach</tr></thead>
            <tbody>
            @foreach ($biases as $sign => $of)
                <tr><th scope="row">{{ __("nagomi.signs.{$sign}") }} <span class="unit">{{ $units[$sign] }}</span></th>
                    @foreach ($names as $name)
                        <td class="num">@if (! isset($of[$name])) · @elseif (! $of[$name]['plain'])<span class="unit">{{ __('reports.team.chance') }}</span>@else{{ $of[$name]['mean'] > 0 ? '+' : '' }}@number($of[$name]['mean']) <span class="unit">± {{ $of[$name]['sd'] }}</span>@endif</td>
                    @endforeach
                </tr>
            @endforeach
            </tbody>
        </table>
        </x-wide-table>
        <p class="note">Above the salon’s usual, in the sign’s own unit, where it is further off than nineteen of twenty without a bias would be. {{ $alike > 0 ? trans_choice('reports.team.rest', $alike) : '' }} Looked at again each Monday.</p>
    @else
        <div class="empty"><p>Two stylists who read the same heads are needed before anything can be said. Let two of you read one head on one day now and then: it tells most.</p></div>
    @endif
    <section aria-labelledby="pairs">
        <h2 id="pairs">Same-day double checks</h2>
        @if ($pairs === [])
            <p class="how">No head was read by two stylists at the same moment yet.</p>
        @else
            <p class="how">A single reading repeats to: @foreach ($repeatability as $sign => $of){{ $loop->first ? '' : '; ' }}{{ __("nagomi.signs.{$sign}") }} ± {{ $of['sd'] }} {{ __("nagomi.sign_units.{$sign}") }} ({{ $of['pairs'] }} {{ $of['pairs'] === 1 ? 'pair' : 'pairs' }})@endforeach.</p>
            <x-wide-table label="Same-day double checks">
            <table class="table book">
                <thead><tr><th scope="col">Day</th><th scope="col">Head</th><th scope="col">Sign</th><th scope="col" class="num">One</th><th scope="col" class="num">Other</th></tr></thead>
                <tbody>@foreach (array_slice($pairs, 0, 40) as $pair)<tr><td>@day($pair['date'], 'j M Y')</td><td>{{ $pair['head'] }}</td><td>{{ __("nagomi.signs.{$pair['sign']}") }}</td><td class="num">@number($pair['values'][0]) <span class="unit">{{ $pair['one'] }}</span></td><td class="num">@number($pair['values'][1]) <span class="unit">{{ $pair['other'] }}</span></td></tr>@endforeach</tbody>
            </table>
            </x-wide-table>
        @endif
    </section>
</x-layout>
