<x-layout :title="'Bench for ' . $head->name" :head="$head">
    <x-slot:scripts><script type="module" src="/js/bench.js"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Bench</h1><p class="lead">Take what there is time for. What is left empty is left out.</p></div>
    </header>
    @if ($visit)
        <section class="told" aria-labelledby="told">
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
                        <li><strong>{{ str_replace('-', '−', (string) $sign['value']) }}</strong> {{ __("nagomi.sign_units.{$sign['sign']}") }} {{ __("nagomi.signs.{$sign['sign']}") }}@if ($sign['expected']) <span class="reason">(expected {{ $sign['expected'] }})</span>@endif: {{ $sign['means'] }}</li>
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
    <form method="post" action="{{ route('heads.bench.store', $head) }}" novalidate class="bench">
        @csrf
        <input type="hidden" name="moment" value="{{ $moment }}">
        <fieldset class="bench-when">
            <legend>When and where</legend>
            <div class="row">
                <x-field name="date" label="Day" type="date" :value="$today->format('Y-m-d')"/>
                <x-choice name="zone" label="Zone" :options="__('nagomi.zones')" empty="whole head"/>
            </div>
        </fieldset>
        @error('moment')<p class="help is-danger">{{ $message }}</p>@enderror
        @error('raw')<p class="help is-danger">{{ $message }}</p>@enderror

        <fieldset>
            <legend>Build-up signs</legend>
            <p class="how">Look, wet one strand, feel it dry. 0 not at all, 1 somewhat, 2 plainly.</p>
            <div class="row">
                @foreach ($tests['build-up-signs']->rawMeasures() as $measure)
                    <x-points :name="'raw[build-up-signs][' . $measure->name . ']'" :label="$measure->label" :from="0" :to="2"/>
                @endforeach
            </div>
        </fieldset>
        <fieldset>
            <legend>Dryness</legend>
            <p class="how">Hand and eye, mid-length: 0 full of moisture, 3 as hair in balance, 10 straw.</p>
            <x-points name="raw[dryness][points]" label="Dryness, 0 to 10" :from="0" :to="10"/>
        </fieldset>
        <fieldset>
            <legend>Feel</legend>
            <p class="how">Rub a strand between two fingers: −5 stiff as straw, 0 neither, 5 mushy.</p>
            <x-points name="raw[feel][points]" label="Feel, −5 stiff to 5 mushy" :from="-5" :to="5"/>
        </fieldset>
        <fieldset>
            <legend>Wet stretch</legend>
            <p class="how">Three to five single wet hairs, each of known length: stretch slowly, read, let go, read again. If it snaps, note where.</p>
            @error('raw.wet-stretch.hairs')<p class="help is-danger">{{ $message }}</p>@enderror
            @for ($i = 0; $i < 5; $i++)
                <div class="row hair" @if ($i > 2 && ! old("raw.wet-stretch.hairs.{$i}.rest_mm")) data-more hidden @endif>
                    <span class="hair-name">Hair {{ $i + 1 }}</span>
                    <x-field :name="'raw[wet-stretch][hairs][' . $i . '][rest_mm]'" label="Rest" unit="mm" mode="decimal"/>
                    <x-field :name="'raw[wet-stretch][hairs][' . $i . '][stretched_mm]'" label="Stretched, or snapped at" unit="mm" mode="decimal"/>
                    <x-field :name="'raw[wet-stretch][hairs][' . $i . '][returned_mm]'" label="Returned to" unit="mm" mode="decimal"/>
                    <x-tick :name="'raw[wet-stretch][hairs][' . $i . '][snapped]'" label="snapped"/>
                </div>
            @endfor
            <button type="button" class="button" data-show-more hidden>Two more hairs</button>
        </fieldset>
        <fieldset>
            <legend>Shed and broken hairs</legend>
            <p class="how">Sort what came out at detangling: with a bulb it was shed, short and without one it broke. 50 to 100 shed a day is usual, so a big ball after a week is too.</p>
            <div class="row">
                <x-field name="raw[broken-hairs][shed]" label="Shed, with a bulb" unit="hairs" mode="numeric"/>
                <x-field name="raw[broken-hairs][broken]" label="Broken" unit="hairs" mode="numeric"/>
                <x-field name="raw[broken-hairs][days_since_detangled]" label="Days since detangled" mode="decimal" :help="$daysSinceDetangled === null ? null : 'last wash day in the book: ' . $daysSinceDetangled . ' days ago'"/>
            </div>
        </fieldset>
        @foreach (array_diff_key($tests, array_flip(['build-up-signs', 'dryness', 'feel', 'wet-stretch', 'broken-hairs'])) as $name => $test)
            <fieldset>
                <legend>{{ __("nagomi.tests.{$name}") }}</legend>
                <p class="how">{{ __("nagomi.hows.{$name}") }}</p>
                <div class="row">
                    @foreach ($test->rawMeasures() as $measure)
                        @if ($measure->unit === 'of 10')
                            <x-points :name="'raw[' . $name . '][' . $measure->name . ']'" :label="$measure->label . ', 0 to 10'" :from="0" :to="10"/>
                        @else
                            <x-field :name="'raw[' . $name . '][' . $measure->name . ']'" :label="$measure->label" :unit="$measure->unit" mode="decimal"/>
                        @endif
                    @endforeach
                </div>
            </fieldset>
        @endforeach
        <div class="save"><button class="button is-strong is-large">Take in these readings</button></div>
    </form>
</x-layout>
