<x-layout :title="__('head-map.page.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:offline><x-offline of="hair-tests"/></x-slot:offline>
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/hair-tests.js') }}"></script><script type="module" src="{{ asset('js/screens/hair-test-zones.js') }}"></script></x-slot:scripts>
    <header class="page-head"><x-portrait :head="$head"/><div class="grow"><h1>{{ __('head-map.page.title') }}</h1><p class="lead">{{ __('head-map.page.lead', ['moment' => ucfirst(__("nagomi.moments.{$moment}"))]) }}</p></div></header>
    <nav class="joined" aria-label="{{ __('head-map.page.what') }}">
        @foreach ($tests as $one)
            <a href="{{ route('clients.hair-tests.zones', [$head, 'moment' => $moment, 'test' => $one]) }}" @if ($one === $name) aria-current="true" @endif>{{ __("nagomi.tests.{$one}") }}</a>
        @endforeach
    </nav>
    <form method="post" action="{{ route('clients.hair-tests.store', $head) }}" novalidate class="hair-tests by-zone" data-keeps data-units="{{ json_encode($unitFactors, JSON_THROW_ON_ERROR) }}" data-draft="{{ $head->id }} {{ $moment }} {{ $name }} by zone"
          data-of="{{ $called($head->name) }}" data-acts="{{ route('clients.hair-tests.acts', $head) }}" data-devices="{{ route('clients.instruments.read', [$head, 'DEVICE']) }}" data-pictures="{{ route('clients.instruments.on-picture', $head) }}">
        <x-act/>
        <p class="said" data-draft-notice hidden role="status"><span>{{ __('head-map.page.draft') }}</span><button type="button" class="button is-small">{{ __('head-map.page.throw') }}</button></p>
        <p class="said" data-sent hidden role="status"></p>
        <input type="hidden" name="moment" value="{{ $moment }}">
        <input type="hidden" name="visit" value="{{ old('visit', $visit) }}">
        @foreach ($units as $kind => $unit)<input type="hidden" name="unit[{{ $kind }}]" value="{{ $unit }}">@endforeach
        @if ($errors->isNotEmpty())
            @foreach (session('asked', []) as $mark)<input type="hidden" name="asked[]" value="{{ $mark }}">@endforeach
        @endif
        <figure class="head-map is-large">
            <svg viewBox="{{ $map::VIEW }}" role="group" aria-label="{{ __('head-map.choose') }}">
                @foreach ($map::FEATURES as $feature)<path class="head-feature" d="{{ $feature }}"/>@endforeach
                @foreach ($map->zones as $zone)
                    <a href="#zone-{{ $zone['zone'] }}" class="zone zone-{{ $zone['value'] }}" data-zone="{{ $zone['zone'] }}" aria-label="{{ $zone['says'] }}">
                        <path class="zone-ground" d="{{ $zone['path'] }}"/>
                        <text x="{{ $zone['x'] }}" y="{{ $zone['y'] - ($zone['shows'] === '' ? 0 : 6) }}" class="zone-name">{{ __("nagomi.zones.{$zone['zone']}") }}</text>
                        @if ($zone['shows'] !== '')<text x="{{ $zone['x'] }}" y="{{ $zone['y'] + 8 }}" class="zone-value">{{ $zone['shows'] }}</text>@endif
                    </a>
                @endforeach
            </svg>
            <figcaption class="legend">@if ($last === [])<span>{{ __('head-map.page.none') }}</span>@else<span>{{ __('head-map.page.last', ['unit' => $unit]) }}</span><span>{{ __('head-map.page.edge') }}</span>@endif</figcaption>
            <x-picture-help of="head-tests"/>
        </figure>
        <div class="zone-panels">
            @foreach ($map->zones as $zone)
                <section id="zone-{{ $zone['zone'] }}" data-zone-panel="{{ $zone['zone'] }}" tabindex="-1">
                    <h2>{{ ucfirst(__("nagomi.zones.{$zone['zone']}")) }} <span class="reason">{{ isset($last[$zone['zone']]) ? __('head-map.page.last-of', ['value' => str_replace('-', '−', (string) $last[$zone['zone']]['value']), 'unit' => $unit, 'day' => $last[$zone['zone']]['date']]) : __('head-map.page.untested') }}</span></h2>
                    @if ($scalp)
                        <p class="how">{{ __('nagomi.hows.scalp') }}</p>
                        <x-points :name="'raw[scalp][flakes_' . $zone['zone'] . ']'" :label="__('head-map.page.flakes')" :from="0" :to="10"/>
                    @else
                        <div class="test" data-test="{{ $name }}">@includeFirst(["hair-tests.tests.{$name}", 'hair-tests.tests.any'], ['prefix' => "zones[{$zone['zone']}]"])</div>
                    @endif
                </section>
            @endforeach
            <p class="more"><button type="button" class="button" data-next-zone hidden>{{ __('head-map.page.next') }}</button>@if ($scalp) <button type="button" class="button" data-elsewhere hidden>{{ __('head-map.page.rest') }}</button>@endif</p>
            @if ($scalp)
                <fieldset><legend>{{ __('head-map.page.scalp') }}</legend>
                    @foreach (__('head-map.page.scalp-of') as $of => $label)<x-points :name="'raw[scalp][' . $of . ']'" :label="__('head-map.page.of-ten', ['what' => $label])" :from="0" :to="10"/>@endforeach
                </fieldset>
            @endif
            <x-field name="date" :label="__('head-map.page.day')" type="date" :value="$today->format('Y-m-d')"/>
            @error('raw')<p class="help is-danger">{{ $message }}</p>@enderror
        </div>
        <div class="save"><button class="button is-strong is-large">{{ __('head-map.page.save') }}</button></div>
    </form>
    @include('hair-tests.instruments')
</x-layout>
