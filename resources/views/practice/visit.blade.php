<x-layout :title="$title">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/practice.css') }}"><script type="module" src="{{ asset('js/screens/practice.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :shape="$portrait"/>
        <div class="grow"><h1>{{ $title }}</h1><p class="lead">{{ __('practice.visit', ['visit' => $turn + 1, 'visits' => $turns]) }}</p></div>
        <a class="button" href="{{ route('practice') }}">{{ __('practice.result.back') }}</a>
    </header>
    <div class="practice-heard">
        <section class="card" aria-labelledby="says"><h2 id="says">{{ __('practice.says') }}</h2>@foreach ($complaints as $complaint)<p class="practice-says">{{ $complaint }}</p>@endforeach</section>
        <section class="card" aria-labelledby="told"><h2 id="told">{{ __('practice.told.title') }}</h2><ul>@foreach ($told as $line)<li>{{ $line }}</li>@endforeach</ul><p class="reason">{{ __('practice.told.partly') }}</p></section>
        <section class="card" aria-labelledby="budget"><h2 id="budget">{{ __('practice.budget.title') }}</h2><ul>@foreach ($budget as $line)<li>{{ $line }}</li>@endforeach</ul></section>
    </div>
    @php([$masks, $proteins] = [array_map(fn ($bottle) => $bottle['name'], $shelf['mask']), array_map(fn ($bottle) => $bottle['name'], $shelf['protein'])])
    <form method="post" action="{{ route('practice.visit', $played) }}" class="practice-visit" novalidate data-practice data-adds="{{ json_encode($adds) }}" data-prices="{{ json_encode($prices) }}" data-limits="{{ json_encode($limits) }}" data-currency="{{ $currency }}" data-words="{{ json_encode(['takes' => __('practice.today.takes'), 'long' => __('practice.today.too-long'), 'percent' => __('practice.belief.percent')], JSON_UNESCAPED_UNICODE) }}">
        <x-act/>
        {{-- Enter in a field is no decision: the button it would press does nothing. --}}
        <button hidden disabled></button>
        <input type="hidden" name="turn" value="{{ $turn }}">
        @foreach (['visit', 'turn'] as $field)@error($field)<p class="wrong" role="alert" id="f-{{ $field }}">{{ $message }}</p>@enderror @endforeach
        <section class="card" id="tests" aria-labelledby="tests-title">
            <h2 id="tests-title">{{ __('practice.tests.title') }}</h2>
            <p class="reason">{{ __('practice.tests.lead') }}</p>
            @foreach (['tests', 'take', 'take.0'] as $field)@error($field)<p class="help is-danger" id="f-{{ $field }}">{{ $message }}</p>@enderror @endforeach
            @if ($shown !== [])
            <ul class="practice-shown">
            @foreach ($shown as $row)
                <li><p><strong>{{ __("nagomi.tests.{$row->test}") }}</strong></p>
                    @foreach ($row->shows as $sign)
                        <div @class(['result', 'is-off' => $sign->range && $sign->range->side !== 'within', 'is-plain' => ! $sign->range])>
                            <p><strong class="figure">{{ $sign->value }}</strong> {{ $sign->unit }} {{ $sign->name }}</p>
                            @if ($sign->range)<x-range :range="$sign->range"/>@endif
                            <p class="reason">@if ($sign->range){{ ucfirst(__("now.range.{$sign->range->side}")) }} · @endif{{ $sign->means }}.</p>
                        </div>
                    @endforeach</li>
            @endforeach
            </ul>
            <x-picture-help of="results"/>
            @endif
            <ul class="practice-tests">
            @foreach ($tests as $row)
                <li><label class="checkbox"><input type="checkbox" name="take[]" value="{{ $row->test }}" @disabled(! $row->fits) @checked(in_array($row->test, (array) old('take', []), true))><span>{{ __("nagomi.tests.{$row->test}") }} <span class="reason">{{ $row->fits ? $row->takes : __('practice.tests.no-time') }}</span></span></label></li>
            @endforeach
            </ul>
            <details class="practice-shelf"><summary>{{ __('practice.tests.how') }}</summary><dl>@foreach ([...$shown, ...$tests] as $row)<dt>{{ __("nagomi.tests.{$row->test}") }}</dt><dd>{{ __("nagomi.hows.{$row->test}") }}</dd>@endforeach</dl></details>
            @if ($tests !== [])<button class="button" formaction="{{ route('practice.tests', $played) }}">{{ __('practice.tests.take') }}</button>@endif
        </section>
        <section class="card" aria-labelledby="belief-title">
            <h2 id="belief-title">{{ __('practice.belief.title') }}</h2>
            <p class="reason">{{ __('practice.belief.lead') }}</p>
            @error('sure')<p class="help is-danger" id="f-sure">{{ $message }}</p>@enderror
            <div class="belief-map" role="group" aria-label="{{ __('practice.belief.title') }}">
            @foreach ($cells as $i => $row)
                <span class="belief-row">{{ __('practice.belief.' . ['more-moisture', 'moisture-right', 'less-moisture'][$i]) }}</span>
                @foreach ($row as $cell)
                <label class="belief-cell cell-{{ $cell['field'] }}" for="f-sure.{{ $cell['field'] }}"><span>{{ $cell['name'] }}</span> <output data-percent></output>
                    <input type="range" id="f-sure.{{ $cell['field'] }}" name="sure[{{ $cell['field'] }}]" min="0" max="20" step="1" value="{{ is_numeric($shown = old("sure.{$cell['field']}")) ? (int) $shown : $cell['weight'] }}">
                    @error("sure.{$cell['field']}")<span class="help is-danger">{{ $message }}</span>@enderror</label>
                @endforeach
            @endforeach
            </div>
            <x-choice name="porosity" :label="__('practice.belief.porosity')" :options="array_intersect_key(__('nagomi.porosities'), ['low' => 1, 'medium' => 1, 'high' => 1])" :empty="__('practice.belief.as-before', ['kind' => __('nagomi.porosities.' . $porosity)])"/>
        </section>
        <section class="card" aria-labelledby="today-title" data-wash>
            <h2 id="today-title">{{ __('practice.today.title') }}</h2>
            <x-buttons name="wash" :label="__('practice.today.wash')" :options="[1 => __('practice.today.yes'), 0 => __('practice.today.no')]" value="1"/>
            <div class="row">
                <x-choice name="cleanse" :label="__('practice.today.cleanse')" :options="__('nagomi.cleanses')" value="gentle"/>
                <x-choice name="passes" :label="__('practice.today.passes')" :options="__('practice.today.times')" value="1"/>
                <x-choice name="pre_wash" :label="__('practice.today.pre-wash')" :options="array_intersect_key(__('nagomi.pre_washes'), ['oil' => 1, 'conditioner' => 1])" :empty="__('practice.today.no-pre-wash')"/>
                <x-choice name="protein" :label="__('practice.today.protein')" :options="['mild-protein' => __('nagomi.steps.mild-protein'), 'strong-protein' => __('nagomi.steps.strong-protein')]" :empty="__('practice.today.no-protein')"/>
                <x-choice name="protein_bottle" :label="__('practice.today.protein-bottle')" :options="$proteins" :empty="__('practice.today.any')"/>
                <x-field name="mask_minutes" :label="__('practice.today.mask')" :unit="__('practice.minutes')" mode="decimal" :help="__('practice.today.mask-help')"/>
                <x-choice name="mask_bottle" :label="__('practice.today.mask-bottle')" :options="$masks" :empty="__('practice.today.any')"/>
            </div>
            <details class="practice-shelf"><summary>{{ __('practice.today.shelf') }}</summary><dl>@foreach ([...$shelf['mask'], ...$shelf['protein']] as $bottle)<dt>{{ $bottle['name'] }}</dt><dd>{{ $bottle['ingredients'] }}</dd>@endforeach</dl></details>
            <div class="row ticks"><x-tick name="heat" :label="__('practice.today.heat')"/><x-tick name="scalp_oil" :label="__('practice.today.scalp-oil')"/></div>
            <p class="reason" role="status" data-takes></p>
        </section>
        <section class="card" aria-labelledby="home-title">
            <h2 id="home-title">{{ __('practice.home.title') }}</h2>
            <p class="reason">{{ __('practice.home.kept') }}</p>
            <x-buttons name="at_home" :label="__('practice.home.wash')" :options="[1 => __('practice.home.yes'), 0 => __('practice.home.no')]" value="1"/>
            <div class="row">
                <x-field name="home_every" :label="__('practice.home.every')" :unit="__('practice.home.every-unit')" mode="numeric" :value="$last['every']"/>
                <x-choice name="home_cleanse" :label="__('practice.home.cleanse')" :options="__('nagomi.cleanses')" :value="$last['cleanse']"/>
                <x-choice name="home_mask_every" :label="__('practice.home.mask-every')" :options="__('practice.home.so-manieth')" :value="$last['mask_every']"/>
                <x-field name="home_mask_minutes" :label="__('practice.home.mask')" :unit="__('practice.minutes')" mode="decimal" :value="$last['mask_minutes']"/>
                <x-choice name="home_mask_bottle" :label="__('practice.today.mask-bottle')" :options="$masks" :value="$last['mask_bottle'] ?? ''" :empty="__('practice.today.any')"/>
                <x-choice name="home_protein_every" :label="__('practice.home.protein-every')" :options="__('practice.home.so-manieth')" :value="$last['protein_every']"/>
                <x-choice name="home_clarify_every" :label="__('practice.home.clarify-every')" :options="__('practice.home.so-manieth')" :value="$last['clarify_every']"/>
            </div>
            <div class="row ticks"><x-tick name="home_oil" :label="__('practice.home.oil')" :checked="$last['oil']"/></div>
        </section>
        <button class="button is-strong practice-decide">{{ __('practice.decide') }}</button>
    </form>
    <section class="card" aria-labelledby="record-title">
        <h2 id="record-title">{{ __('practice.record.title') }}</h2>
        <details open><summary>{{ __('practice.record.done') }}</summary><ul class="recent">@foreach ($done as $day)<li><strong>{{ $day['day'] }}</strong> {{ $day['does'] }}</li>@endforeach</ul></details>
        @if ($before !== [])
        <details><summary>{{ __('practice.record.results') }}</summary>
            <x-wide :label="__('practice.record.results')"><table class="table book is-fullwidth"><thead><tr><th scope="col">{{ __('practice.record.test') }}</th><th scope="col">{{ __('practice.record.results') }}</th></tr></thead>
            <tbody>@foreach ($before as $row)<tr><th scope="row">{{ $row['test'] }}</th><td>@foreach ($row['values'] as $value)<span class="practice-earlier"><strong>{{ $value['value'] }}</strong> <span class="reason">{{ $value['day'] }}</span></span> @endforeach</td></tr>@endforeach</tbody></table></x-wide>
        </details>
        @endif
    </section>
</x-layout>
