<x-layout :title="__('wash.did.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"></x-slot:scripts>
    @php($outcome = $washSession->outcome ?? [])
    <header class="page-head"><x-portrait :head="$head"/><div class="grow"><h1>{{ __('wash.did.title') }}</h1><p class="lead">{{ __('wash.did.lead', ['day' => $dated($washSession->date, 'l, j F Y'), 'by' => $washSession->by]) }}</p></div></header>
    <p class="verdict-words">{{ isset($outcome['actual_minutes']) ? trans_choice('wash.took', (int) round($outcome['actual_minutes'])) : __($washSession->wash_day === null ? 'wash.took-nothing' : 'wash.took-unknown') }}{{ isset($outcome['actual_minutes'], $outcome['planned_minutes']['p50']) ? __('wash.did.where-expected', array_map('round', array_intersect_key($outcome['planned_minutes'], ['p10' => 1, 'p50' => 1, 'p90' => 1]))) : '' }}.</p>
    @if ($late !== [])<div class="caution-line"><p>{{ __('wash.late') }}</p><ul>@foreach ($late as $tap)<li>{{ $tap }}</li>@endforeach</ul><p><a href="{{ route('clients.wash-days', $head) }}">{{ __('wash.late-do') }}</a></p></div>@endif
    @foreach ($outcome['broken'] ?? [] as $of)<p class="worth">{{ __("offline.wash.rules.{$of['rule']}") }} {{ __('wash.all-the-same', ['because' => __("offline.wash.because.{$of['because']}"), 'by' => $of['by']]) }}</p>@endforeach
    <div class="told">
        <table class="table moves">
            <thead><tr><th scope="col">{{ __('wash.did.reserve') }}</th><th scope="col" class="num">{{ __('wash.did.before') }}</th><th scope="col" class="num">{{ __('wash.did.after') }}</th></tr></thead>
            <tbody>
            @foreach ($outcome['after'] ?? [] as $s => $stratum)
                @foreach (__('wash.did.of') as $key => $words)
                    <tr><td>{{ count($outcome['after']) > 1 ? __('wash.did.row', ['what' => $words, 'part' => $stratumName($stratum['name'])]) : $words }}</td><td class="num">{{ isset($outcome['before'][$s]) ? $outcome['before'][$s][$key][0] . ' ± ' . $outcome['before'][$s][$key][1] : '' }}</td><td class="num"><strong>{{ $stratum[$key][0] }}</strong> ± {{ $stratum[$key][1] }}</td></tr>
                @endforeach
            @endforeach
            </tbody>
        </table>
        <table class="table moves">
            <thead><tr><th scope="col">{{ __('wash.did.step') }}</th><th scope="col" class="num">{{ __('wash.did.planned') }}</th><th scope="col" class="num">{{ __('wash.did.actual') }}</th></tr></thead>
            <tbody>@foreach ($outcome['steps'] ?? [] as $step)<tr><td>{{ $said($step['label']) }}</td><td class="num">{{ __('wash.did.min', ['minutes' => round($step['planned'], 1)]) }}</td><td class="num">{{ $step['status'] === 'done' && $step['actual'] !== null ? __('wash.did.min', ['minutes' => $step['actual']]) : __("wash.did.is.{$step['status']}") }}</td></tr>@endforeach</tbody>
        </table>
        <div class="more">
            <a class="button is-strong" href="{{ route('clients.now', $head) }}">{{ __('wash.did.now') }}</a>
            <a class="button" href="{{ route('clients.history.ledger', $head) }}">{{ __('wash.did.ledger') }}</a>
            @if ($washSession->visit)<a class="button" href="{{ route('clients.history.show', [$head, $washSession->visit]) }}">{{ __('wash.did.visit') }}</a>@endif
            <a class="button" href="{{ route('clients.hair-tests', [$head, 'moment' => 'after-styling']) }}">{{ __('wash.did.result') }}</a>
            <a class="button" href="{{ route('clients.style', $head) }}">{{ __('wash.did.style') }}</a>
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
            @if ($shed['length_mm'] === null)<x-field name="raw[shed-ball][length_mm]" :label="__('wash.did.length')" unit="mm" mode="numeric" :help="__('wash.did.length-help')"/>@endif
            @if ($shed['days_since_detangled'] === null)<x-field name="raw[shed-ball][days_since_detangled]" :label="__('wash.did.days')" mode="numeric" :help="__('wash.did.days-help')"/>@endif
            <x-field name="raw[shed-ball][mass_g]" :label="__('wash.did.ball')" unit="g" mode="decimal" :help="__('wash.did.ball-with', ['what' => implode(', ', array_filter([$shed['length_mm'] === null ? '' : __('wash.did.ball-parts.0', ['length' => $shed['length_mm']]), __('wash.did.ball-parts.1', ['diameter' => round($shed['diameter_um'])]), $shed['days_since_detangled'] === null ? '' : trans_choice('wash.days-since', $shed['days_since_detangled'])]))])"/>
            <button class="button">{{ __('wash.did.count') }}</button>
        </form>
    @endif
    <p class="reason">{{ __('wash.did.tools') }}</p>
</x-layout>
