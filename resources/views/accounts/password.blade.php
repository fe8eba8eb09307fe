<x-layout :title="__('people.choose')" bare>
    <div class="sign-in">
        <h1>{{ __('people.choose') }}</h1>
        <p class="lead">{{ __('people.join-lead', ['email' => $user->email]) }}</p>
        <form method="post" action="{{ $link }}" novalidate><x-act/>
            <x-password name="password" :label="__('begin.password')" :help="__('begin.password-help')"/>
            <button class="button is-strong is-fullwidth">{{ __('people.password-do') }}</button>
        </form>
    </div>
</x-layout>
