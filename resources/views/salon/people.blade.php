<x-layout :title="__('people.title')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/people.css') }}"></x-slot:scripts>
    <header class="page-head"><div class="grow"><h1>{{ __('people.title') }}</h1><p class="lead">{{ __($leads ? 'people.lead' : 'people.lead-stylist') }}</p></div><x-salon-places/></header>
    @error('role')<p class="wrong" role="alert">{{ $message }}</p>@enderror
    @error('leave')<p class="wrong" role="alert">{{ $message }} <a href="{{ route('today') }}">{{ __('people.to-today') }}</a></p>@enderror
    <section class="card" aria-labelledby="who">
        <h2 id="who">{{ __('people.who') }}</h2>
        <ul class="people">
            @foreach ($people as $person)
                <li>
                    <p><strong>{{ $person->name }}</strong> <span class="tag-look">{{ __('people.role.' . $person->role->value) }}</span>@if ($person->left_at) <span class="tag-look">{{ __('people.left', ['day' => $dated($person->left_at, 'j M Y')]) }}</span>@endif <span class="reason">{{ $person->address() }}@if ($person->hasSecondStep()) · {{ __('people.second.short') }}@endif</span></p>
                    @if ($leads && ! $person->left_at)<details><summary>{{ __('people.be') }}<span class="is-sr-only">: {{ $person->name }}</span></summary>
                        <form method="post" action="{{ route('salon.people.role', $person) }}" ><x-act/> @method('put')<div class="objects">@foreach ($roles as $role)<button class="button" name="role" value="{{ $role }}" @if ($role === $person->role->value) aria-pressed="true" disabled @endif>{{ __("people.role.{$role}") }}</button>@endforeach</div></form></details>@endif
                    @if ($leads) @can('part', $person)
                        @if ($passwordOf === $person->id)<div class="field"><label class="label" for="password-link">{{ __('people.password-link', ['name' => $person->name]) }}</label><x-handed-link id="password-link" :address="$passwordLink" :label="__('people.password-link', ['name' => $person->name])"/></div>
                        @elseif (! $person->left_at) @unless (in_array($person->id, $elsewhere, true))<a class="button" href="{{ route('salon.people', ['password-of' => $person->id]) }}">{{ __('people.forgot') }}<span class="is-sr-only">: {{ $person->name }}</span></a>
                        @if ($person->hasSecondStep())<details><summary>{{ __('people.second.lost') }}<span class="is-sr-only">: {{ $person->name }}</span></summary><form method="post" action="{{ route('salon.people.second-step', $person) }}"><x-act/> @method('delete')<p class="reason">{{ __('people.second.lost-why') }}</p><button class="button">{{ __('people.second.turn-off') }}</button></form></details>@endif
                        @else<span class="reason">{{ __('people.elsewhere-too') }}</span>@endunless @endif
                        @if ($person->left_at)<form method="post" action="{{ route('salon.people.return', $person) }}"><x-act/> @method('delete')<button class="button">{{ __('people.back') }}<span class="is-sr-only">: {{ $person->name }}</span></button></form>
                        @else<details><summary>{{ __('people.leave') }}<span class="is-sr-only">: {{ $person->name }}</span></summary>
                            <form method="post" action="{{ route('salon.people.leave', $person) }}"><x-act/> @method('put')<p class="reason">{{ __('people.leave-why') }}</p><button class="button">{{ __('people.leave-do') }}<span class="is-sr-only">: {{ $person->name }}</span></button></form></details>@endif
                    @endcan @endif
                </li>
            @endforeach
            @foreach ($invited as $one)
                <li>
                    <p><strong>{{ $one->name }}</strong> <span class="tag-look">{{ $one->isOpen() ? __('people.asked', ['day' => $dated($one->expires_at, 'j M')]) : __('people.ran-out') }}</span> <span class="reason">{{ $one->email }}</span></p>
                    @if ($one->isOpen())<div class="field"><label class="label" for="link-{{ $one->id }}">{{ __('people.link', ['name' => $one->name]) }}</label><x-handed-link :id="'link-' . $one->id" :address="$one->link()" :label="__('people.link', ['name' => $one->name])"/></div>@endif
                    <form method="post" action="{{ route('salon.invitations.withdraw', $one) }}"><x-act/> @method('delete')<button class="button">{{ __('people.withdraw') }}<span class="is-sr-only">: {{ $one->name }}</span></button></form>
                </li>
            @endforeach
        </ul>
    </section>
    @if ($leads)
        <form method="post" action="{{ route('salon.invitations.store') }}" novalidate class="intake"><x-act/>
            <fieldset>
                <legend>{{ __('people.invite') }}</legend>
                <p class="how">{{ __('people.invite-how') }}</p>
                <div class="row"><x-field name="invite_name" :label="__('people.name')"/><x-field name="invite_email" :label="__('people.email')" type="email"/><x-choice name="invite_role" :label="__('people.be-label')" :options="collect($roles)->mapWithKeys(fn ($role) => [$role => __('people.role.' . $role)])->all()" value="stylist"/></div>
                <details><summary>{{ __('people.roles.title') }}</summary><dl class="people-roles">@foreach ($roles as $role)<div><dt>{{ __("people.role.{$role}") }}</dt><dd>{{ __("people.roles.{$role}") }}</dd></div>@endforeach</dl></details>
                <p><button class="button is-strong">{{ __('people.invite-do') }}</button></p>
            </fieldset>
        </form>
    @endif
    <form method="post" action="{{ route('account.password') }}" novalidate class="intake"><x-act/> @method('put')
        <fieldset>
            <legend>{{ __('people.password') }}</legend>
            <div class="row">
                <x-password name="current" :label="__('people.current-password')" kind="current-password"/>
                <x-password name="password" :label="__('people.new-password')"/>
            </div>
            <p><button class="button">{{ __('people.password-do') }}</button> <span class="reason">{{ __('people.password-how') }}</span></p>
        </fieldset>
    </form>
    <section class="card" aria-labelledby="second">
        <h2 id="second">{{ __('people.second.title') }}</h2>
        <p>{{ __($me->hasSecondStep() ? 'people.second.on' : 'people.second.lead') }}</p>
        <p><a class="button" href="{{ route('account.second-step') }}">{{ __($me->hasSecondStep() ? 'people.second.change' : 'people.second.set-up') }}</a></p>
    </section>
    <section class="card" aria-labelledby="devices">
        <h2 id="devices">{{ __('people.devices-title') }}</h2>
        <ul class="people">@foreach ($devices as $device)<li><p><strong>{{ __("people.devices.{$device['kind']}") }}</strong>@if ($device['isHere']) <span class="tag-look">{{ __('people.this') }}</span>@endif <span class="reason">{{ __('people.seen', ['when' => $dated($device['seen'], 'j M, G:i'), 'address' => $device['address']]) }}</span></p></li>@endforeach</ul>
        @if (count($devices) > 1)<form method="post" action="{{ route('account.elsewhere') }}"><x-act/> @method('delete')<button class="button">{{ __('people.elsewhere') }}</button></form>@endif
    </section>
</x-layout>
