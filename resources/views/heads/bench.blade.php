<x-layout :title="'Bench for ' . $head->name" :head="$head">
    <x-slot:scripts><script type="module" src="/js/bench.js"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Bench</h1><p class="lead">Take what there is time for. What is left empty is left out.</p></div>
    </header>
    @if ($visit)
        <section class="told" aria-labelledby="told" data-draft-done="{{ $head->id }} {{ $moment }}">
            <h2 id="told">What it told</h2>
            <p class="verdict-words">{{ $verdict }}</p>
            <table class="table moves">
                <thead><tr><th scope="col">Reserve, 0 to 100</th><th scope="col" class="num">before</th><th scope="col" class="num">after</th></tr></thead>
                <tbody>
                @foreach ($after as $s => $stratum)
                    @foreach (['moisture' => 'moisture', 'protein' => 'protein', 'build_up' => 'build-up'] as $key => $words)
                        <tr>
                            <td>{{ $words }}{{ count($after) > 1 ? ', ' . $stratum['name'] : '' }}</td>
                            <td class="num">{{ isset($before[$s]) ? $before[$s][$key][0] . ' ± ' . $before[$s][$key][1] : '' }}</td>
                            <td class="num"><strong>{{ $stratum[$key][0] }}</strong> ± {{ $stratum[$key][1] }}</td>
                        </tr>
                    @endforeach
                @endforeach
                </tbody>
            </table>
            <ul class="tells">
                @foreach ($told as $reading)
                    @foreach ($reading['signs'] as $sign)
                        <li><strong>{{ str_replace('-', '−', (string) $sign['value']) }}</strong> {{ __("nagomi.sign_units.{$sign['sign']}") }} {{ __("nagomi.signs.{$sign['sign']}") }}@if ($sign['expected']) <span class="reason">(expected {{ $sign['expected'] }}{{ $sign['beside'] }})</span>@endif: {{ $sign['means'] }}</li>
                    @endforeach
                    @foreach ($reading['again'] as $sign)
                        <li class="is-again">
                            <strong>Check again:</strong> {{ $sign['value'] }} {{ __("nagomi.sign_units.{$sign['sign']}") }} {{ __("nagomi.signs.{$sign['sign']}") }}, where {{ $sign['expected'] }} was expected. It counts for little until you have taken it once more.
                            <form method="post" action="{{ route('heads.readings.confirm', [$head, $reading['key']]) }}">@csrf<button class="button is-small">Taken again, it is so</button></form>
                        </li>
                    @endforeach
                @endforeach
            </ul>
            <div class="more">
                <a class="button is-strong" href="{{ route('heads.show', $head) }}">See the river</a>
                <button type="button" class="button" data-print hidden>Print this summary</button>
                <form method="post" action="{{ route('heads.bench.undo', [$head, $visit]) }}">@csrf @method('delete')<button class="button">Undo this visit</button></form>
            </div>
        </section>
    @endif
    @foreach ($cautions as $caution)
        @if (in_array($caution->value, ['refer', 'sore-scalp', 'tension'], true))<p class="caution-line">{{ $caution->sentence() }}</p>@endif
    @endforeach
    <nav class="filters" aria-label="Moment of the day">
        @foreach (__('nagomi.moments') as $value => $words)
            <a @class(['button', 'is-strong' => $value === $moment]) href="{{ route('heads.bench', [$head, 'moment' => $value]) }}" @if ($value === $moment) aria-current="true" @endif>{{ $words }}</a>
        @endforeach
    </nav>
    <form method="post" action="{{ route('heads.bench.store', $head) }}" novalidate class="bench" data-draft="{{ $head->id }} {{ $moment }}">
        @csrf
        <p class="said" data-draft-notice hidden role="status"><span>What you typed before stands below; it was not taken in yet.</span><button type="button" class="button is-small">Throw it away</button></p>
        <input type="hidden" name="moment" value="{{ $moment }}">
        @if ($errors->isNotEmpty())
            @foreach (session('asked', []) as $mark)<input type="hidden" name="asked[]" value="{{ $mark }}">@endforeach
        @endif
        <fieldset class="bench-when">
            <legend>When and where</legend>
            <div class="row">
                <x-field name="date" label="Day" type="date" :value="$today->format('Y-m-d')"/>
                <x-choice name="zone" label="Zone" :options="__('nagomi.zones')" empty="whole head"/>
            </div>
        </fieldset>
        @error('moment')<p class="help is-danger">{{ $message }}</p>@enderror
        @error('raw')<p class="help is-danger">{{ $message }}</p>@enderror

        @if ($worth !== [])
            <p class="worth"><strong>Worth reading now</strong>, about {{ (int) ceil(array_sum(array_column($worth, 'minutes'))) }} minutes: it should narrow moisture and protein from ± {{ number_format(reset($worth)['before'], 1) }} to ± {{ number_format(end($worth)['after'], 1) }}. Any order will do.</p>
        @endif
        @foreach ($worth as $name => $why)
            <div class="test" data-test="{{ $name }}">
                @includeFirst(["heads.tests.{$name}", 'heads.tests.any'], ['test' => $tests[$name]])
                <p class="reason">{{ $why['before'] - $why['after'] >= 0.05 ? 'Narrows the balance from ± ' . number_format($why['before'], 1) . ' to ± ' . number_format($why['after'], 1) : 'Narrows the balance a little' }}, in about {{ $why['minutes'] < 1 ? (int) round(60 * $why['minutes']) . ' seconds' : number_format($why['minutes'], 1) . ' minutes' }}.</p>
            </div>
        @endforeach
        @if ($more !== [])
            <details class="more-tests" @if ($worth === [] || array_intersect_key((array) old('raw', []), $more) !== [] && collect((array) old('raw'))->only(array_keys($more))->flatten()->filter(fn ($value) => $value !== null && $value !== '' && $value !== '0')->isNotEmpty()) open @endif>
                <summary>{{ count($more) }} more tests: {{ collect($more)->keys()->map(fn ($name) => lcfirst(__("nagomi.tests.{$name}")))->implode(', ') }}</summary>
                @foreach ($more as $name => $test)
                    <div class="test" data-test="{{ $name }}">@includeFirst(["heads.tests.{$name}", 'heads.tests.any'])</div>
                @endforeach
            </details>
        @endif
        <div class="save"><button class="button is-strong is-large">Take in these readings</button></div>
    </form>
    <details class="more-tests" @if ($errors->has('seen')) open @endif>
        <summary>Something that is for a clinician, or a sore scalp</summary>
        <p class="caution-line">{{ Nagomi\Core\Safety\Caution::Refer->sentence() }}</p>
        <form method="post" action="{{ route('heads.signs.raise', $head) }}" class="asks" novalidate>
            @csrf
            <x-choice name="sign" label="What it is" :options="['red' => 'refer first: bars protein, heat, strong cleansing', 'sore' => 'sore scalp: bars heat, strong cleansing']"/>
            <x-field name="seen" label="Seen" help="what and where; kept encrypted" class="grow"/>
            <button class="button">Note it</button>
        </form>
    </details>
</x-layout>
