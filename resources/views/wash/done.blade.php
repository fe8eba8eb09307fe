<x-layout :title="'What the wash day of ' . $called($head->name) . ' did'" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"></x-slot:scripts>
    @php($outcome = $washSession->outcome ?? [])
    <header class="page-head"><x-portrait :head="$head"/><div class="grow"><h1>What it did</h1><p class="lead">{{ $washSession->date->format('l, j F Y') }}, by {{ $washSession->by }}</p></div></header>
    <p class="verdict-words">{{ isset($outcome['actual_minutes']) ? trans_choice('wash.took', (int) round($outcome['actual_minutes'])) : __('wash.took-nothing') }}{{ isset($outcome['planned_minutes']['p50']) ? ', where ' . round($outcome['planned_minutes']['p50']) . ' were expected, ' . round($outcome['planned_minutes']['p10']) . ' to ' . round($outcome['planned_minutes']['p90']) . ' in four of five' : '' }}.</p>
    @if ($late !== [])<div class="caution-line"><p>{{ __('wash.late') }}</p><ul>@foreach ($late as $tap)<li>{{ $tap }}</li>@endforeach</ul><p><a href="{{ route('clients.wash-days', $head) }}">{{ __('wash.late-do') }}</a></p></div>@endif
    @foreach ($outcome['broken'] ?? [] as $of)<p class="worth">{{ __("offline.wash.rules.{$of['rule']}") }} {{ __('wash.all-the-same', ['because' => __("offline.wash.because.{$of['because']}"), 'by' => $of['by']]) }}</p>@endforeach
    <div class="told">
        <table class="table moves">
            <thead><tr><th scope="col">Reserve, 0 to 100</th><th scope="col" class="num">before</th><th scope="col" class="num">after</th></tr></thead>
            <tbody>
            @foreach ($outcome['after'] ?? [] as $s => $stratum)
                @foreach (['moisture' => 'moisture', 'protein' => 'protein', 'build_up' => 'build-up'] as $key => $words)
                    <tr><td>{{ $words }}{{ count($outcome['after']) > 1 ? ', ' . $stratum['name'] : '' }}</td><td class="num">{{ isset($outcome['before'][$s]) ? $outcome['before'][$s][$key][0] . ' ± ' . $outcome['before'][$s][$key][1] : '' }}</td><td class="num"><strong>{{ $stratum[$key][0] }}</strong> ± {{ $stratum[$key][1] }}</td></tr>
                @endforeach
            @endforeach
            </tbody>
        </table>
        <table class="table moves">
            <thead><tr><th scope="col">Step</th><th scope="col" class="num">planned</th><th scope="col" class="num">actual</th></tr></thead>
            <tbody>@foreach ($outcome['steps'] ?? [] as $step)<tr><td>{{ $step['label'] }}</td><td class="num">{{ round($step['planned'], 1) }} min</td><td class="num">{{ $step['status'] === 'done' ? $step['actual'] . ' min' : $step['status'] }}</td></tr>@endforeach</tbody>
        </table>
        <div class="more">
            <a class="button is-strong" href="{{ route('clients.now', $head) }}">See the balance</a>
            <a class="button" href="{{ route('clients.history.ledger', $head) }}">In the ledger</a>
            @if ($washSession->visit)<a class="button" href="{{ route('clients.history.show', [$head, $washSession->visit]) }}">The readings that came for free</a>@endif
            <a class="button" href="{{ route('clients.hair-tests', [$head, 'moment' => 'after-styling']) }}">Read the result</a>
            <a class="button" href="{{ route('clients.style', $head) }}">Keep the style</a>
        </div>
    </div>
    @if ($minutes !== [])
        <details class="more-tests" @if ($errors->isNotEmpty()) open @endif><summary>{{ __('wash.correct') }}</summary>
            <form method="post" action="{{ route('clients.wash.minutes', [$head, $washSession]) }}" class="asks" novalidate><x-act/> @method('put')
                @foreach ($minutes as $key => $of)<x-field name="minutes[{{ $key }}]" :label="$of['label']" unit="min" mode="decimal" :value="old('minutes.' . $key, $of['minutes'] === null ? '' : round($of['minutes'], 1))"/>@endforeach
                <button class="button">{{ __('wash.correct-do') }}</button>
            </form>
        </details>
    @endif
    @if ($shed)
        <form method="post" action="{{ route('clients.hair-tests.store', $head) }}" class="asks" novalidate>
            <x-act/>
            <input type="hidden" name="date" value="{{ $washSession->date->format('Y-m-d') }}"><input type="hidden" name="moment" value="after-cleansing">
            @foreach (array_filter($shed, fn ($value) => $value !== null) as $name => $value)<input type="hidden" name="raw[shed-ball][{{ $name }}]" value="{{ min($name === 'days_since_detangled' ? 120 : 2000, $value) }}">@endforeach
            @if ($shed['length_mm'] === null)<x-field name="raw[shed-ball][length_mm]" label="Length of its hairs" unit="mm" mode="numeric" help="stretched; not measured yet"/>@endif
            <x-field name="raw[shed-ball][mass_g]" label="The ball of hair that came out, dry" unit="g" mode="decimal" :help="'read with ' . ($shed['length_mm'] === null ? '' : $shed['length_mm'] . ' mm, ') . round($shed['diameter_um']) . ' µm and ' . trans_choice('wash.days-since', $shed['days_since_detangled'])"/>
            <button class="button">Count it by its weight</button>
        </form>
    @endif
    <p class="reason">The season was planned anew from it. Combs, brushes and clips: full contact time of a registered disinfectant before the next head.</p>
</x-layout>
