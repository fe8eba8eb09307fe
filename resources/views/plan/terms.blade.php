<x-layout :title="__('terms.title-of', ['name' => $called($head->name)])" :head="$head">
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('terms.title') }}</h1><p class="lead">{{ __('terms.lead') }}</p></div>
        <a class="button" href="{{ route('clients.plan', $head) }}">{{ __('plan.back') }}</a>
    </header>

    <div class="by-parts">
    <section aria-labelledby="by-hand">
        <h2 id="by-hand">{{ __('terms.by-hand.title') }}</h2>
        @forelse ($byHand as $set)
            <div class="set-day">
                <p><strong class="when">@day($set['date'], 'j M Y')</strong>
                    {{ __("nagomi.cleanses.{$set['cleanse']}") }}{{ ($set['passes'] ?? 1) > 1 ? ' × ' . $set['passes'] : '' }}{{ isset($set['protein']) ? ', ' . lcfirst(__("nagomi.steps.{$set['protein']}")) : '' }}{{ isset($set['mask_minutes']) ? __('terms.by-hand.mask', ['minutes' => $set['mask_minutes']]) : __('terms.by-hand.rinse-out') }}{{ $set['heat'] ?? false ? __('terms.by-hand.heat') : '' }}
                    <span class="reason">{{ $set['reason'] }}{{ isset($set['by']) ? ' (' . $set['by'] . ')' : '' }}</span></p>
                <form method="post" action="{{ route('clients.plan-terms.take-back', [$head, $set['date']]) }}"><x-act/> @method('delete')<button class="button is-small">{{ __('terms.by-hand.take-back') }}</button></form>
            </div>
        @empty
            <p class="how">{{ __('terms.by-hand.none') }}</p>
        @endforelse
        <form method="post" action="{{ route('clients.plan-terms.by-hand', $head) }}" novalidate class="bench">
            <x-act/>
            <div class="row">
                <x-field name="hand_date" :label="__('terms.by-hand.day')" type="date"/>
                <x-choice name="cleanse" :label="__('terms.by-hand.cleanse')" :options="__('nagomi.cleanses')" value="shampoo"/>
                <x-choice name="passes" :label="__('terms.by-hand.passes')" :options="__('terms.by-hand.times')" value="1"/>
                <x-choice name="protein" :label="__('terms.by-hand.protein')" :options="['mild-protein' => __('nagomi.steps.mild-protein'), 'strong-protein' => __('nagomi.steps.strong-protein')]" :empty="__('terms.by-hand.no-protein')"/>
                <x-field name="mask_minutes" :label="__('terms.by-hand.mask-label')" :unit="__('terms.minutes')" mode="decimal" :help="__('terms.by-hand.mask-help')"/>
                <x-field name="reason" :label="__('terms.by-hand.reason')" :help="__('terms.by-hand.reason-help')" class="wide"/>
            </div>
            <div class="row ticks"><x-tick name="heat" :label="__('terms.by-hand.heat-label')"/></div>
            <button class="button">{{ __('terms.by-hand.do') }}</button>
        </form>
    </section>

    <section aria-labelledby="promised">
        <h2 id="promised">{{ __('terms.promise.title') }}</h2>
        @if ($promised !== [])
            <p class="how">{{ trans_choice('terms.promise.is', count($promised), ['day' => $firstPromised, 'cost' => $costOfAMove]) }}</p>
            <form method="post" action="{{ route('clients.plan-terms.release', $head) }}"><x-act/> @method('delete')<button class="button">{{ __('terms.promise.release') }}</button></form>
        @else
            <p class="how">{{ __('terms.promise.none') }}</p>
            <form method="post" action="{{ route('clients.plan-terms.promise', $head) }}"><x-act/><button class="button">{{ __('terms.promise.do') }}</button></form>
        @endif
    </section>

    </div>
    <form method="post" action="{{ route('clients.plan-terms.update', $head) }}" novalidate class="intake">
        <x-act/> @method('put') <x-seen :fields="$seen"/>
        @error('terms')<p class="help is-danger">{{ $message }}</p>@enderror
        <fieldset>
            <legend>{{ __('terms.away.title') }}</legend>
            <p class="how">{{ __('terms.away.how') }}</p>
            @for ($i = 0; $i < max(2, count($away) + 1); $i++)
                <div class="row">
                    <x-field :name="'away[' . $i . '][from]'" :label="__('terms.away.from')" type="date" :value="$away[$i]['from'] ?? ''"/>
                    <x-field :name="'away[' . $i . '][until]'" :label="__('terms.away.until')" type="date" :value="$away[$i]['until'] ?? ''"/>
                </div>
            @endfor
        </fieldset>
        <fieldset>
            <legend>{{ __('terms.places.title') }}</legend>
            <div class="row">
                <x-field name="salon_days" class="wide" :label="__('terms.places.days')" :value="old('salon_days', $salonDays)" :help="__('booking.salon-days')"/>
                <x-field name="home_minutes_limit" :label="__('terms.places.longest')" :unit="__('terms.minutes')" mode="numeric" :value="$season['home_minutes_limit'] ?? ''"/>
            </div>
            <div class="row ticks"><x-tick name="keeps_rhythm" :label="__('scalp.keeps-rhythm', ['days' => $head->wash_every_days])" :checked="($season['keeps_rhythm'] ?? false) === true"/></div>
            <p class="how">{{ __('terms.places.salon-only') }}</p>
            <div class="row ticks">
                <input type="hidden" name="not_at_home[]" value="">
                @foreach ($treatments as $treatment)
                    <label class="checkbox tick"><input type="checkbox" name="not_at_home[]" value="{{ $treatment }}" @checked(in_array($treatment, old('not_at_home', $season['not_at_home'] ?? []), true))> <span>{{ __("nagomi.treatments.{$treatment}") }}</span></label>
                @endforeach
            </div>
        </fieldset>
        <fieldset>
            <legend>{{ __('chair-work.goal.legend') }}</legend>
            <div class="row"><x-choice name="trim_goal" :label="__('chair-work.goal.label')" :options="$trimGoals" :value="$season['trim_goal'] ?? ''" :empty="__('chair-work.goal.unsaid')" class="wide"/></div>
        </fieldset>
        <fieldset>
            <legend>{{ __('weekdays.legend') }}</legend>
            <p class="how">{{ __('weekdays.how') }}</p>
            @error('weekday_minutes')<p class="help is-danger">{{ $message }}</p>@enderror
            <div class="row week-time">
                @foreach ($weekdays as $number => $name)
                    <x-field :name="'weekday_minutes[' . $name . ']'" :label="__('weekdays.names.' . $number)" unit="min" mode="numeric" :value="$season['weekday_minutes'][$name] ?? ''"/>
                @endforeach
            </div>
        </fieldset>
        <fieldset>
            <legend>{{ __('terms.stock.title') }}</legend>
            <x-wide :label="__('terms.stock.title')">
            <table class="table book is-fullwidth">
                <thead><tr><th scope="col">{{ __('terms.stock.treatment') }}</th><th scope="col">{{ __('terms.stock.uses') }}</th><th scope="col">{{ __('terms.stock.price') }}</th><th scope="col">{{ __('terms.stock.not-before-long') }}</th></tr></thead>
                <tbody>
                @foreach (array_diff($treatments, ['heat']) as $treatment)
                    <tr>
                        <th scope="row">{{ __("nagomi.treatments.{$treatment}") }}</th>
                        @foreach (['stock' => __('terms.stock.uses'), 'prices' => __('terms.stock.price'), 'patch_test_until' => __('terms.stock.not-before')] as $name => $words)
                            @php($key = "{$name}.{$treatment}")
                            <td>
                                <input class="input" @if ($name === 'patch_test_until') type="date" @else inputmode="decimal" placeholder="{{ $name === 'prices' ? $usualPrices[$treatment] : '' }}" @endif name="{{ $name }}[{{ $treatment }}]" value="{{ old($key, $season[$name][$treatment] ?? '') }}" aria-label="{{ __("nagomi.treatments.{$treatment}") }}, {{ $words }}" @error($key) aria-invalid="true" @enderror>
                                @error($key)<p class="help is-danger">{{ $message }}</p>@enderror
                            </td>
                        @endforeach
                    </tr>
                @endforeach
                </tbody>
            </table>
            </x-wide>
            <p class="caution-line">@caution('patch-test')</p>
        </fieldset>
        <div class="save"><button class="button is-strong is-large">{{ __('terms.do') }}</button></div>
    </form>
</x-layout>
