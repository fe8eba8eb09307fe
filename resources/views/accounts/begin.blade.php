<x-layout :title="__('begin.title')" bare>
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/people.css') }}"><script type="module" src="{{ asset('js/screens/begin.js') }}"></script></x-slot:scripts>
    <div class="begin">
    <header class="page-head"><div class="grow"><h1>{{ __('begin.title') }}</h1><p class="lead">{{ __('begin.lead') }}</p></div></header>
    <form method="post" action="{{ route('begin') }}" novalidate class="intake">
        <x-act/>
        <fieldset>
            <legend>{{ __('begin.salon') }}</legend>
            <div class="row">
                <x-field name="code" :label="__('begin.code')" :help="__('begin.code-help')" :value="session('code-of-terminal')"/>
                <x-field name="name" :label="__('begin.name')"/>
                <x-field name="chairs" :label="__('begin.chairs')" mode="numeric" :value="1"/>
                <x-choice name="timezone" :label="__('begin.timezone')" :options="array_combine($timezones, $timezones)" value="Europe/Lisbon"/>
                <x-choice name="currency" :label="__('begin.currency')" :options="$currencies" value="EUR"/>
            </div>
        </fieldset>
        <fieldset>
            <legend>{{ __('begin.you') }}</legend>
            <div class="row">
                <x-field name="owner" :label="__('begin.owner')"/>
                <x-field name="email" :label="__('begin.email')" type="email" :help="__('begin.email-help')"/>
                <x-password name="password" :label="__('begin.password')" :help="__('begin.password-help')"/>
            </div>
        </fieldset>
        <fieldset>
            <legend>{{ __('begin.water') }}</legend>
            <div class="row">
                <x-field name="hardness_mg_per_l" :label="__('begin.hardness')" unit="mg/L CaCO₃" mode="decimal" :value="150" :help="__('begin.hardness-help')"/>
                <x-choice name="climate" :label="__('begin.climate')" :options="$climates" value="none" :help="__('begin.climate-help')"/>
            </div>
        </fieldset>
        <fieldset>
            <legend>{{ __('begin.hours') }}</legend>
            <p class="how">{{ __('hours.how') }}</p>
            @error('hours')<p class="help is-danger">{{ $message }}</p>@enderror
            <div class="row">
                @foreach ($week as $weekday => $typed)<x-field name="hours[owner][{{ $weekday }}]" :label="ucfirst(__('weekdays.names.' . $weekday))" :value="$typed"/>@endforeach
            </div>
        </fieldset>
        <fieldset>
            <legend>{{ __('begin.services') }}</legend>
            <p class="how">{{ __('begin.services-how') }}</p>
            @foreach ($services as $service => $minutes)
                <div class="row">
                    <x-field name="services[{{ $service }}][name]" :label="__('salon.hours.service')" :value="__('begin.service.' . $service)"/>
                    <x-field name="services[{{ $service }}][minutes]" :label="__('salon.hours.minutes')" mode="numeric" :value="$minutes"/>
                    <x-field name="services[{{ $service }}][price]" :label="__('salon.hours.price')" :unit="old('currency', 'EUR')" kind="money" mode="decimal"/>
                </div>
            @endforeach
        </fieldset>
        <div class="save"><button class="button is-strong is-large">{{ __('begin.open') }}</button></div>
    </form>
    <form method="post" action="{{ route('begin.restore') }}" enctype="multipart/form-data" novalidate class="intake">
        <x-act/>
        <fieldset>
            <legend id="back">{{ __('begin.restore') }}</legend>
            <p class="how">{{ __('begin.restore-how') }}</p>
            <div class="row">
                <x-field name="archive_code" :label="__('begin.code')" :help="__('begin.code-help')"/>
                <div class="field"><label class="label" for="f-archive">{{ __('begin.archive') }}</label><input class="input" type="file" id="f-archive" name="archive" accept=".zip">@error('archive')<p class="help is-danger" role="alert">{{ $message }}</p>@enderror</div>
            </div>
            <p><button class="button">{{ __('begin.restore-do') }}</button></p>
        </fieldset>
    </form>
    </div>
</x-layout>
