<x-layout :title="__('salon.title')">
    <header class="page-head"><div class="grow"><h1>{{ __('salon.title') }}</h1><p class="lead">{{ __('salon.lead', ['salon' => $salon->name]) }}</p></div><x-salon-places/></header>
    <form method="post" action="{{ route('salon.update') }}" enctype="multipart/form-data" novalidate class="intake">
        <x-act/> @method('put') <x-seen :fields="$seen"/>
        <fieldset>
            <legend>{{ __('salon.title') }}</legend>
            <div class="row">
                <x-field name="name" :label="__('salon.name')" :value="$salon->name"/>
                <x-field name="phone" :label="__('messages.phone.label')" mode="tel" :value="$salon->phone" :help="__('messages.phone.help')"/>
                <x-choice name="timezone" :label="__('salon.zone')" :options="array_combine(DateTimeZone::listIdentifiers(), DateTimeZone::listIdentifiers())" :value="$salon->timezone"/>
                <x-field name="hardness_mg_per_l" :label="__('salon.hardness')" unit="mg/L CaCO₃" mode="decimal" :value="$salon->hardness_mg_per_l"/>
                <x-choice name="currency" :label="__('salon.currency')" :options="$currencies" :value="$salon->currency"/>
                <x-field name="humidity_percent" :label="__('salon.humidity')" unit="%" mode="decimal" :value="$salon->humidity_percent"/>
            </div>
        </fieldset>
        <fieldset>
            <legend>{{ __('salon.air') }}</legend>
            <p class="how">{{ __('salon.air-how') }} <code>{{ $weatherHeader }}</code></p>
            <div class="row">
                <x-choice name="climate" :label="__('salon.weather')" :options="__('nagomi.climates')" :value="$salon->climate"/>
                <div class="field">
                    <label class="label" for="f-weather">{{ __('salon.weather-file') }} <span class="unit">.csv</span></label>
                    <input class="input" type="file" id="f-weather" name="weather" accept=".csv,text/csv" @error('weather') aria-invalid="true" aria-describedby="e-weather" @enderror>
                    @error('weather')<p class="help is-danger" id="e-weather">{{ $message }}</p>@enderror
                </div>
            </div>
        </fieldset>
        <fieldset>
            <legend>{{ __('salon.methods') }}</legend>
            <div class="row">
                @foreach ($questions as $question)
                    @php([$words, $choices] = __("nagomi.method.{$question->value}"))
                    <x-choice :name="'method[' . $question->value . ']'" :label="$words" :options="$choices" :value="$salon->method[$question->value] ?? $question->choices()[0]"/>
                @endforeach
            </div>
        </fieldset>
        <div class="save"><button class="button is-strong is-large">{{ __('salon.save') }}</button></div>
    </form>
</x-layout>
