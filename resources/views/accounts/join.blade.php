<x-layout :title="__('people.join', ['salon' => $invitation->salon->name])" bare>
    <div class="sign-in">
        <h1>{{ __('people.join', ['salon' => $invitation->salon->name]) }}</h1>
        <p class="lead">{{ __('people.join-lead', ['email' => $invitation->email]) }}</p>
        <form method="post" action="{{ $link }}" novalidate><x-act/>
            <x-field name="name" :label="__('begin.owner')" :value="$invitation->name"/>
            <x-password name="password" :label="__('begin.password')" :help="__('begin.password-help')"/>
            <button class="button is-strong is-fullwidth">{{ __('people.join-do') }}</button>
        </form>
    </div>
</x-layout>
