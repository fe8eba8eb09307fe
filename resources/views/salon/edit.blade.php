<x-layout title="Salon">
    <header class="page-head"><div class="grow"><h1>Salon</h1><p class="lead">What {{ $salon->name }} does unless a client differs. Practitioners disagree on every one of these; no answer is the better one.</p></div><a class="button" href="{{ route('reports') }}">Reports</a><a class="button" href="{{ route('salon.data') }}">Import and export</a><a class="button" href="{{ route('salon.messages') }}">Messages</a><a class="button" href="{{ route('salon.hours') }}">Hours and services</a><a class="button" href="{{ route('reports.team') }}">How alike we read</a></header>
    <form method="post" action="{{ route('salon.update') }}" enctype="multipart/form-data" novalidate class="intake">
        <x-act/> @method('put') <x-seen :fields="$seen"/>
        <fieldset>
            <legend>Salon</legend>
            <div class="row">
                <x-field name="name" label="Name" :value="$salon->name"/>
                <x-field name="phone" :label="__('messages.phone.label')" mode="tel" :value="$salon->phone" :help="__('messages.phone.help')"/>
                <x-choice name="timezone" label="Time zone" :options="array_combine(DateTimeZone::listIdentifiers(), DateTimeZone::listIdentifiers())" :value="$salon->timezone"/>
                <x-field name="hardness_mg_per_l" label="Water hardness" unit="mg/L CaCO₃" mode="decimal" :value="$salon->hardness_mg_per_l"/>
                <x-choice name="currency" label="Currency" :options="$currencies" :value="$salon->currency"/>
                <x-field name="humidity_percent" label="Usual humidity" unit="%" mode="decimal" :value="$salon->humidity_percent"/>
            </div>
        </fieldset>
        <fieldset>
            <legend>Air</legend>
            <p class="how">Dry air draws moisture out of hair day by day. A weather station gives the swing of the year about each client’s usual humidity. The three that ship are invented; your own file takes their place: a year of hours as CSV, with the header <code>{{ $weatherHeader }}</code>.</p>
            <div class="row">
                <x-choice name="climate" label="Weather" :options="__('nagomi.climates')" :value="$salon->climate"/>
                <div class="field">
                    <label class="label" for="f-weather">Our weather file <span class="unit">.csv</span></label>
                    <input class="input" type="file" id="f-weather" name="weather" accept=".csv,text/csv" @error('weather') aria-invalid="true" aria-describedby="e-weather" @enderror>
                    @error('weather')<p class="help is-danger" id="e-weather">{{ $message }}</p>@enderror
                </div>
            </div>
        </fieldset>
        <fieldset>
            <legend>Methods</legend>
            <div class="row">
                @foreach ($questions as $question)
                    @php([$words, $choices] = __("nagomi.method.{$question->value}"))
                    <x-choice :name="'method[' . $question->value . ']'" :label="$words" :options="$choices" :value="$salon->method[$question->value] ?? $question->choices()[0]"/>
                @endforeach
            </div>
        </fieldset>
        <div class="save"><button class="button is-strong is-large">Save</button></div>
    </form>
</x-layout>
