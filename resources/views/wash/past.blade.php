@php
    $step = fn (string ...$kinds) => collect($planned?->steps ?? [])->first(fn ($step) => in_array($step['kind'], $kinds, true));
    $cleanse = $step('cleanse');
    $protein = $step('mild-protein', 'strong-protein');
    $conditioning = $step('mask', 'conditioner');
    $detangle = $step('detangle');
    $preWash = $step('pre-wash');
@endphp
<x-layout :title="'Wash day of ' . $called($head->name)" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Wash day</h1><p class="lead">What was really done. {{ $planned ? 'Filled in from the plan for ' . $planned->date->format('j M') . '; change what went differently.' : '' }}</p></div>
    </header>
    @error('steps')<p class="help is-danger">{{ $message }}</p>@enderror
    <form method="post" action="{{ route('clients.wash-days.store', $head) }}" novalidate class="bench">
        <x-act/>
        @foreach ((array) session('asked', []) as $mark)@if (is_string($mark))<input type="hidden" name="asked[]" value="{{ $mark }}">@endif @endforeach
        <div class="row">
            <x-field name="date" label="Day" type="date" :value="$today->format('Y-m-d')"/>
            <x-choice name="place" label="Where" :options="__('nagomi.places')" value="salon"/>
        </div>
        <div class="row">
            <x-choice name="pre_wash" label="Pre-wash" :options="__('nagomi.pre_washes')" :value="$preWash['how'] ?? ''" empty="none"/>
            <x-field name="pre_wash_minutes" label="Pre-wash time" unit="minutes" mode="decimal" :value="$preWash['minutes'] ?? ''"/>
            <x-choice name="cleanse" label="Cleanse" :options="__('nagomi.cleanses')" :value="$cleanse['cleanse'] ?? 'shampoo'" empty="none"/>
            <x-choice name="passes" label="Passes" :options="[1 => 'one', 2 => 'two', 3 => 'three']" :value="$cleanse['passes'] ?? 1" help="a third only after a check for stripping"/>
        </div>
        <div class="row">
            <x-choice name="protein" label="Protein" :options="['mild-protein' => __('nagomi.steps.mild-protein'), 'strong-protein' => __('nagomi.steps.strong-protein')]" :value="$protein['kind'] ?? ''" empty="none" help="always a mask after strong protein"/>
            <x-field name="protein_minutes" label="Protein time" unit="minutes" mode="decimal" :value="$protein['minutes'] ?? ''"/>
            <x-choice name="conditioning" label="Conditioner or mask" :options="['conditioner' => __('nagomi.steps.conditioner'), 'mask' => __('nagomi.steps.mask')]" :value="$conditioning['kind'] ?? 'mask'" empty="none"/>
            <x-field name="conditioning_minutes" label="Its time" unit="minutes" mode="decimal" :value="$conditioning['minutes'] ?? ''"/>
        </div>
        <div class="row">
            <x-field name="detangle_minutes" label="Detangling" unit="minutes" mode="decimal" :value="$detangle['minutes'] ?? ''"/>
            <x-choice name="tool" label="Tool" :options="__('nagomi.tools')" :value="$detangle['tool'] ?? 'comb'"/>
            <x-choice name="detangling" label="Hair was" :options="__('nagomi.detangling')" :value="$detangle['how'] ?? 'wet-with-slip'"/>
            <x-field name="trim_mm" label="Trim" unit="mm cut" mode="decimal"/>
        </div>
        <div class="row">
            <x-choice name="heat_tool" label="Heat tool" :options="__('nagomi.heat_tools')" empty="none"/>
            <x-choice name="up_style" label="Put up" :options="__('nagomi.up_styles')" empty="no"/>
            <x-choice name="swim" label="Swim" :options="__('nagomi.swims')" empty="no"/>
        </div>
        <div class="row ticks">
            <x-tick name="heat" label="Mask under cap or hood" :checked="$conditioning['heat'] ?? false"/>
            <x-tick name="leave_in" label="Leave-in" :checked="$step('leave-in') !== null"/>
            <x-tick name="seal" label="Sealed with oil or butter" :checked="$step('seal') !== null"/>
            <x-tick name="wetting" label="Only wetted again, to refresh"/>
            <x-tick name="chemical" label="Colour, bleach or another chemical service"/>
        </div>
        @if ($products !== [])
            <details class="more-tests" @if (collect(['cleanse', 'protein', 'conditioning', 'leave_in'])->contains(fn ($step) => old("{$step}_product"))) open @endif><summary>With which products</summary>
                <div class="row">
                    @foreach (['cleanse' => 'Cleanse', 'protein' => 'Protein', 'conditioning' => 'Conditioner or mask', 'leave_in' => 'Leave-in'] as $step => $label)
                        <x-choice :name="$step . '_product'" :label="$label . ' with'" :options="$products" empty="not said"/>
                    @endforeach
                </div>
            </details>
        @endif
        @if ($head->sore_scalp)<p class="caution-line">@caution('sore-scalp')</p>@endif
        <p class="caution-line">@caution('water-heat')</p>
        <div class="save"><button class="button is-strong is-large">Save the wash</button></div>
    </form>
    @if ($recent->isNotEmpty())
        <h2>Washes so far</h2>
        <ul class="recent">
            @foreach ($recent as $day)
                <li><strong>{{ $day->approximate ? 'about ' : '' }}{{ $day->date->format('j M Y') }}</strong> {{ __("nagomi.places.{$day->place}") }} · @steps($day->steps->map->toArray()->all())
                    <details><summary>Take it out of the book</summary>
                        <p class="reason">Balance and season are worked out as if it had not been. The care record keeps a copy, if you export it first.</p>
                        <form method="post" action="{{ route('clients.wash-days.undo', [$head, $day->key]) }}"><x-act/> @method('delete')<button class="button">Take out {{ $day->date->format('j M') }}</button></form>
                    </details>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
