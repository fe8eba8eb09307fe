<x-layout :title="__('salon.hours.title')">
    <header class="page-head"><div class="grow"><h1>{{ __('salon.hours.title') }}</h1>@reaches('salon.hours.update')<p class="lead">{{ __('salon.hours.lead') }}</p>@endreaches</div><x-salon-places/></header>
    @reaches('salon.hours.update')<nav class="on-page" aria-label="{{ __('layout.on-this-page') }}">@foreach (['hours' => 'salon.hours.hours', 'missed' => 'booking.missed.title', 'tax' => 'prices.salon.tax', 'services' => 'salon.hours.services', 'leave' => 'salon.hours.leave'] as $place => $words)<a href="#{{ $place }}">{{ __($words) }}</a>@endforeach</nav>@endreaches
    @error('hours')<p class="help is-danger">{{ $message }}</p>@enderror
    @reaches('salon.hours.update')
    <form method="post" action="{{ route('salon.hours.update') }}" novalidate class="intake">
        <x-act/> @method('put') <x-seen :fields="$seen"/>
        <fieldset id="hours">
            <legend>{{ __('salon.hours.hours') }}</legend>
            <p class="how">{{ __('hours.how') }}</p>
            <x-wide :label="__('salon.hours.week')"><table class="table hours">
                <thead><tr><th scope="col">{{ __('salon.hours.stylist') }}</th>@for ($i = 1; $i <= 7; $i++)<th scope="col">{{ mb_substr(__("weekdays.names.{$i}"), 0, 3) }}</th>@endfor</tr></thead>
                <tbody>
                    @foreach ($stylists as $stylist)
                        <tr><th scope="row">{{ $stylist->name }}</th>
                            @foreach (range(0, 6) as $i)
                                @php($key = "hours.{$stylist->id}." . ($i + 1))
                                <td data-day="{{ __('weekdays.names.' . ($i + 1)) }}"><textarea class="textarea" rows="2" name="hours[{{ $stylist->id }}][{{ $i + 1 }}]" aria-label="{{ $stylist->name }}, {{ __('weekdays.names.' . ($i + 1)) }}" @error($key) aria-invalid="true" @enderror>{{ old($key, $week[$stylist->id][$i + 1] ?? '') }}</textarea>@error($key)<p class="help is-danger">{{ $message }}</p>@enderror</td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table></x-wide>
            <div class="row"><x-field name="chairs" :label="__('salon.hours.chairs')" mode="numeric" :value="$salon->chairs"/>@foreach (['basins' => $salon->basins, 'dryers' => $salon->dryers, 'hoods' => $salon->hoods] as $of => $many)<x-field :name="$of" :label="__('booking.equipment.' . $of)" mode="numeric" :value="$many"/>@endforeach</div>
            <p class="how">{{ __('booking.equipment.how') }}</p>
        </fieldset>
        <fieldset id="missed">
            <legend>{{ __('booking.missed.title') }}</legend>
            <p class="how">{{ __('booking.missed.how') }}</p>
            <div class="row">
                <x-field name="late_cancel_hours" :label="__('booking.missed.hours')" mode="numeric" :value="$salon->late_cancel_hours"/>
                <x-field name="missed_from" :label="__('booking.missed.from')" mode="numeric" :value="$salon->missed_from"/>
                <x-field name="missed_rule" :label="__('booking.missed.own')" :value="$salon->missed_rule"/>
            </div>
        </fieldset>
        <fieldset id="tax">
            <legend>{{ __('prices.salon.tax') }}</legend>
            <p class="how">{{ __('prices.salon.how') }}</p>
            <div class="row"><x-field name="tax" :label="__('prices.salon.rate')" unit="%" mode="decimal" :value="$salon->tax_hundredths === null ? null : $salon->tax_hundredths / 100"/><x-tick name="tax_added" :label="__('prices.salon.added')" :checked="$salon->tax_added"/></div>
        </fieldset>
        <fieldset id="services">
            <legend>{{ __('salon.hours.services') }}</legend>
            <p class="how">{{ __('salon.hours.services-how') }}</p>
            @foreach ($services->keyBy(fn ($service) => "s{$service->id}")->all() + ['new1' => null, 'new2' => null] as $i => $service)
                <div class="row service">
                    <input type="hidden" name="services[{{ $i }}][id]" value="{{ $service?->id }}">
                    <x-field name="services[{{ $i }}][name]" :label="__('salon.hours.service')" :value="$service?->name"/>
                    <x-field name="services[{{ $i }}][minutes]" :label="__('salon.hours.minutes')" mode="numeric" :value="$service?->minutes"/>
                    <x-field name="services[{{ $i }}][price]" :label="__('salon.hours.price')" :unit="$salon->currency" mode="decimal" :cents="$service?->price_cents"/>
                    <x-choice name="services[{{ $i }}][does]" :label="__('chair-work.does.label')" :options="['trim' => __('chair-work.does.trim'), 'take-down' => __('chair-work.does.take-down')]" :value="$service?->does" :empty="__('chair-work.does.none')"/>
                    <x-tick name="services[{{ $i }}][is_wash_day]" :label="__('salon.hours.wash-day')" :checked="$service->is_wash_day ?? false"/>
                </div>
                @php($more = ['quarter' => $service?->quarter_cents, 'long_from' => $service?->long_from_mm, 'step' => $service?->step_cents, 'deposit' => $service?->deposit_cents])
                <details class="service-more" @if ($errors->hasAny(array_map(fn ($of) => "services.{$i}.{$of}", array_keys($more)))) open @endif>
                    <summary>{{ __('prices.salon.more') }}@if (array_filter($more) !== []) <span class="reason">{{ collect($more)->filter()->map(fn ($of, $name) => __('prices.salon.' . ['quarter' => 'quarter', 'long_from' => 'long', 'step' => 'step', 'deposit' => 'deposit'][$name]))->implode(', ') }}</span>@endif</summary>
                    <p class="how">{{ __('prices.salon.more-how') }}</p>
                    <div class="row">
                        <x-field name="services[{{ $i }}][quarter]" :label="__('prices.salon.quarter')" :unit="$salon->currency" mode="decimal" :cents="$more['quarter']"/>
                        <x-field name="services[{{ $i }}][long_from]" :label="__('prices.salon.long')" unit="cm" mode="decimal" :value="$more['long_from'] === null ? null : $more['long_from'] / 10"/>
                        <x-field name="services[{{ $i }}][step]" :label="__('prices.salon.step')" :unit="$salon->currency" mode="decimal" :cents="$more['step']"/>
                        <x-field name="services[{{ $i }}][deposit]" :label="__('prices.salon.deposit')" :unit="$salon->currency" mode="decimal" :cents="$more['deposit']"/>
                    </div>
                </details>
            @endforeach
        </fieldset>
        <div class="save"><button class="button is-strong is-large">{{ __('salon.save') }}</button></div>
    </form>
    @else
    <section aria-labelledby="week"><h2 id="week">{{ __('salon.hours.hours') }}</h2>
        <x-wide :label="__('salon.hours.week')"><table class="table hours">
            <thead><tr><th scope="col">{{ __('salon.hours.stylist') }}</th>@for ($i = 1; $i <= 7; $i++)<th scope="col">{{ mb_substr(__("weekdays.names.{$i}"), 0, 3) }}</th>@endfor</tr></thead>
            <tbody>@foreach ($stylists as $stylist)<tr><th scope="row">{{ $stylist->name }}</th>@foreach (range(1, 7) as $i)<td data-day="{{ __("weekdays.names.{$i}") }}">{{ $week[$stylist->id][$i] ?? '' }}</td>@endforeach</tr>@endforeach</tbody>
        </table></x-wide>
    </section>
    @endreaches
    <section>
        <h2 id="leave">{{ __('salon.hours.leave') }}</h2>
        <ul class="recent">
            @foreach ($leaves as $one)
                <li class="set-day"><span><strong>{{ $stylists[$one['leave']->user_id]->name }}</strong> {{ __('salon.hours.from-until', ['from' => $one['from'], 'until' => $one['until']]) }} <span class="reason">{{ $one['leave']->because }}</span></span>
                    <form method="post" action="{{ route('salon.leave.back', $one['leave']) }}"><x-act/> @method('delete')<button class="button is-small">{{ __('salon.hours.take-back') }}</button></form></li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('salon.leave') }}" class="asks" novalidate>
            <x-act/>
            <x-choice name="leave_of" :label="__('salon.hours.who')" :options="$stylists->pluck('name', 'id')->all()"/>
            <x-field name="leave_from" :label="__('salon.hours.from')" type="date"/>
            <x-field name="leave_from_time" :label="__('booking.leave.from-time')" :help="__('booking.leave.time-help')"/>
            <x-field name="leave_until" :label="__('salon.hours.until')" type="date"/>
            <x-field name="leave_until_time" :label="__('booking.leave.until-time')" :help="__('booking.leave.time-help')"/>
            <x-field name="leave_because" :label="__('salon.hours.why')"/>
            <button class="button">{{ __('salon.hours.note') }}</button>
        </form>
    </section>
</x-layout>
