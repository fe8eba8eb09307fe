@php
    $step = fn (string ...$kinds) => collect($planned?->steps ?? [])->first(fn ($step) => in_array($step['kind'], $kinds, true));
    $cleanse = $step('cleanse');
    $protein = $step('mild-protein', 'strong-protein');
    $conditioning = $step('mask', 'conditioner');
    $detangle = $step('detangle');
    $preWash = $step('pre-wash');
@endphp
<x-layout :title="__('past-washes.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('past-washes.title') }}</h1><p class="lead">{{ __('past-washes.lead') }} {{ $planned ? __('past-washes.from-plan', ['day' => $dated($planned->date, 'j M')]) : '' }}</p></div>
    </header>
    @error('steps')<p class="help is-danger">{{ $message }}</p>@enderror
    <form method="post" action="{{ route('clients.wash-days.store', $head) }}" novalidate class="bench past-wash">
        <x-act/>
        @foreach ((array) session('asked', []) as $mark)@if (is_string($mark))<input type="hidden" name="asked[]" value="{{ $mark }}">@endif @endforeach
        <div class="row">
            <x-field name="date" :label="__('past-washes.day')" type="date" :value="$today->format('Y-m-d')"/>
            <x-choice name="place" :label="__('past-washes.where')" :options="__('nagomi.places')" value="salon"/>
        </div>
        <div class="row">
            <x-choice name="pre_wash" :label="__('past-washes.pre-wash')" :options="__('nagomi.pre_washes')" :value="$preWash['how'] ?? ''" :empty="__('past-washes.none')"/>
            <x-field name="pre_wash_minutes" :label="__('past-washes.pre-wash-time')" :unit="__('past-washes.minutes')" mode="decimal" :value="$preWash['minutes'] ?? ''"/>
            <x-choice name="cleanse" :label="__('past-washes.cleanse')" :options="__('nagomi.cleanses')" :value="$cleanse['cleanse'] ?? 'shampoo'" :empty="__('past-washes.none')"/>
            <x-choice name="passes" :label="__('past-washes.passes')" :options="__('terms.by-hand.times')" :value="$cleanse['passes'] ?? 1" :help="__('past-washes.passes-help')"/>
        </div>
        <div class="row">
            <x-choice name="protein" :label="__('past-washes.protein')" :options="['mild-protein' => __('nagomi.steps.mild-protein'), 'strong-protein' => __('nagomi.steps.strong-protein')]" :value="$protein['kind'] ?? ''" :empty="__('past-washes.none')" :help="__('past-washes.protein-help')"/>
            <x-field name="protein_minutes" :label="__('past-washes.protein-time')" :unit="__('past-washes.minutes')" mode="decimal" :value="$protein['minutes'] ?? ''"/>
            <x-choice name="conditioning" :label="__('past-washes.conditioning')" :options="['conditioner' => __('nagomi.steps.conditioner'), 'mask' => __('nagomi.steps.mask')]" :value="$conditioning['kind'] ?? 'mask'" :empty="__('past-washes.none')"/>
            <x-field name="conditioning_minutes" :label="__('past-washes.conditioning-time')" :unit="__('past-washes.minutes')" mode="decimal" :value="$conditioning['minutes'] ?? ''"/>
        </div>
        <div class="row">
            <x-choice name="tool" :label="__('past-washes.tool')" :options="__('nagomi.tools')" :value="$detangle['tool'] ?? ''" :empty="__('past-washes.not-detangled')"/>
            <x-choice name="detangling" :label="__('past-washes.hair-was')" :options="__('nagomi.detangling')" :value="$detangle['how'] ?? 'wet-with-slip'"/>
            <x-field name="detangle_minutes" :label="__('past-washes.detangling')" :unit="__('past-washes.minutes')" mode="decimal" :help="__('past-washes.detangling-help')"/>
            <x-field name="trim_mm" :label="__('past-washes.trim')" :unit="__('past-washes.trim-unit')" mode="decimal"/>
        </div>
        <div class="row">
            <x-choice name="heat_tool" :label="__('past-washes.heat-tool')" :options="__('nagomi.heat_tools')" :empty="__('past-washes.none')"/>
            <x-choice name="up_style" :label="__('past-washes.put-up')" :options="__('nagomi.up_styles')" :empty="__('past-washes.no')"/>
            <x-choice name="swim" :label="__('past-washes.swim')" :options="__('nagomi.swims')" :empty="__('past-washes.no')"/>
        </div>
        <div class="row ticks">
            <x-tick name="heat" :label="__('past-washes.heat')" :checked="$conditioning['heat'] ?? false"/>
            <x-tick name="leave_in" :label="__('past-washes.leave-in')" :checked="$step('leave-in') !== null"/>
            <x-tick name="seal" :label="__('past-washes.seal')" :checked="$step('seal') !== null"/>
            <x-tick name="wetting" :label="__('past-washes.wetting')"/>
            <x-tick name="chemical" :label="__('past-washes.chemical')"/>
        </div>
        @if ($products !== [])
            <details class="more-tests" @if (collect(['cleanse', 'protein', 'conditioning', 'leave_in'])->contains(fn ($step) => old("{$step}_product"))) open @endif><summary>{{ __('past-washes.with-products') }}</summary>
                <div class="row">
                    @foreach (['cleanse' => 'cleanse', 'protein' => 'protein', 'conditioning' => 'conditioning', 'leave_in' => 'leave-in'] as $step => $key)
                        <x-choice :name="$step . '_product'" :label="__('past-washes.with', ['what' => __('past-washes.' . $key)])" :options="$products" :empty="__('past-washes.not-said')"/>
                    @endforeach
                </div>
            </details>
        @endif
        @if ($head->sore_scalp)<p class="caution-line">@caution('sore-scalp')</p>@endif
        <p class="caution-line">@caution('water-heat')</p>
        <div class="save"><button class="button is-strong is-large">{{ __('past-washes.save') }}</button></div>
    </form>
    @if ($recent->isNotEmpty())
        <h2>{{ __('past-washes.so-far') }}</h2>
        <ul class="recent">
            @foreach ($recent as $day)
                <li><strong>{{ $day->approximate ? __('past-washes.about', ['day' => $dated($day->date, 'j M Y')]) : $dated($day->date, 'j M Y') }}</strong> {{ __("nagomi.places.{$day->place}") }} · @steps($day->steps->map->toArray()->all())
                    <details><summary>{{ __('past-washes.take-out') }}</summary>
                        <p class="reason">{{ __('past-washes.take-out-why') }}</p>
                        <form method="post" action="{{ route('clients.wash-days.undo', [$head, $day->key]) }}"><x-act/> @method('delete')<button class="button">{{ __('past-washes.take-out-do', ['day' => $dated($day->date, 'j M')]) }}</button></form>
                    </details>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
