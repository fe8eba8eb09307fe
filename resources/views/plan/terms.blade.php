<x-layout :title="'What the plan keeps to, for ' . $called($head->name)" :head="$head">
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Terms</h1><p class="lead">What the plan must keep to beside the hair itself.</p></div>
        <a class="button" href="{{ route('clients.plan', $head) }}">{{ __('plan.back') }}</a>
    </header>

    <div class="by-parts">
    <section aria-labelledby="by-hand">
        <h2 id="by-hand">Set by hand</h2>
        @forelse ($byHand as $set)
            <div class="set-day">
                <p><strong class="when">@day($set['date'], 'j M Y')</strong>
                    {{ __("nagomi.cleanses.{$set['cleanse']}") }}{{ ($set['passes'] ?? 1) > 1 ? ' × ' . $set['passes'] : '' }}{{ isset($set['protein']) ? ', ' . lcfirst(__("nagomi.steps.{$set['protein']}")) : '' }}{{ isset($set['mask_minutes']) ? ", mask {$set['mask_minutes']} min" : ', rinse-out' }}{{ $set['heat'] ?? false ? ' with heat' : '' }}
                    <span class="reason">{{ $set['reason'] }}{{ isset($set['by']) ? ' (' . $set['by'] . ')' : '' }}</span></p>
                <form method="post" action="{{ route('clients.plan-terms.take-back', [$head, $set['date']]) }}"><x-act/> @method('delete')<button class="button is-small">Take back</button></form>
            </div>
        @empty
            <p class="how">Nothing yet. A day you set stays as it is, also against a rule where a licensed stylist decides it; the rest is planned round it.</p>
        @endforelse
        <form method="post" action="{{ route('clients.plan-terms.by-hand', $head) }}" novalidate class="bench">
            <x-act/>
            <div class="row">
                <x-field name="hand_date" label="Day" type="date"/>
                <x-choice name="cleanse" label="Cleanse" :options="__('nagomi.cleanses')" value="shampoo"/>
                <x-choice name="passes" label="Passes" :options="[1 => 'one', 2 => 'two', 3 => 'three']" value="1"/>
                <x-choice name="protein" label="Protein" :options="['mild-protein' => __('nagomi.steps.mild-protein'), 'strong-protein' => __('nagomi.steps.strong-protein')]" empty="none"/>
                <x-field name="mask_minutes" label="Mask" unit="minutes" mode="decimal" help="empty: rinse-out only"/>
                <x-field name="reason" label="Reason" help="why by hand" class="wide"/>
            </div>
            <div class="row ticks"><x-tick name="heat" label="Mask under cap or hood"/></div>
            <button class="button">Set this day by hand</button>
        </form>
    </section>

    <section aria-labelledby="promised">
        <h2 id="promised">Agreed with the client</h2>
        @if ($promised !== [])
            <p class="how">{{ count($promised) }} treatments stand promised, the first on @day($promised[0]['date'], 'j M'). Moving one by a week must be worth {{ $costOfAMove }} of a day out of band.</p>
            <form method="post" action="{{ route('clients.plan-terms.release', $head) }}"><x-act/> @method('delete')<button class="button">Release the promise</button></form>
        @else
            <p class="how">The plan moves freely with every reading. Promise it once the client counts on it.</p>
            <form method="post" action="{{ route('clients.plan-terms.promise', $head) }}"><x-act/><button class="button">Promise the plan as it stands</button></form>
        @endif
    </section>

    </div>
    <form method="post" action="{{ route('clients.plan-terms.update', $head) }}" novalidate class="intake">
        <x-act/> @method('put') <x-seen :fields="$seen"/>
        @error('terms')<p class="help is-danger">{{ $message }}</p>@enderror
        <fieldset>
            <legend>Days away</legend>
            <p class="how">No wash is planned on these days; what falls due comes before or right after.</p>
            @for ($i = 0; $i < max(2, count($away) + 1); $i++)
                <div class="row">
                    <x-field :name="'away[' . $i . '][from]'" label="From" type="date" :value="$away[$i]['from'] ?? ''"/>
                    <x-field :name="'away[' . $i . '][until]'" label="Until" type="date" :value="$away[$i]['until'] ?? ''"/>
                </div>
            @endfor
        </fieldset>
        <fieldset>
            <legend>Salon and home</legend>
            <div class="row">
                <x-field name="salon_days" class="wide" label="Days in the salon" :value="old('salon_days', $salonDays)" :help="__('booking.salon-days')"/>
                <x-field name="home_minutes_limit" label="Longest at home" unit="minutes" mode="numeric" :value="$season['home_minutes_limit'] ?? ''"/>
            </div>
            <div class="row ticks"><x-tick name="keeps_rhythm" :label="__('scalp.keeps-rhythm', ['days' => $head->wash_every_days])" :checked="($season['keeps_rhythm'] ?? false) === true"/></div>
            <p class="how">In the salon only:</p>
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
            <legend>Stock, price, patch tests</legend>
            <x-wide-table label="Stock, price, patch tests">
            <table class="table book is-fullwidth">
                <thead><tr><th scope="col">Treatment</th><th scope="col">Uses left</th><th scope="col">Price of a use</th><th scope="col">New to a sensitive client: not before</th></tr></thead>
                <tbody>
                @foreach (array_diff($treatments, ['heat']) as $treatment)
                    <tr>
                        <th scope="row">{{ __("nagomi.treatments.{$treatment}") }}</th>
                        @foreach (['stock' => 'uses left', 'prices' => 'price of a use', 'patch_test_until' => 'not before'] as $name => $words)
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
            </x-wide-table>
            <p class="caution-line">@caution('patch-test')</p>
        </fieldset>
        <div class="save"><button class="button is-strong is-large">Plan within these terms</button></div>
    </form>
</x-layout>
