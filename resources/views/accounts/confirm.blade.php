<x-layout :title="__('people.again.title')" bare>
    <div class="sign-in">
        <h1>{{ __('people.again.title') }}</h1>
        <p class="lead">{{ __('people.again.lead') }}</p>
        <form method="post" action="{{ route('account.confirm.store') }}" novalidate><x-act/>
            <x-password name="current" :label="__('people.current-password')" kind="current-password"/>
            <button class="button is-strong is-fullwidth">{{ __('people.again.do') }}</button>
        </form>
        <p class="reason"><a href="{{ route('today') }}">{{ __('people.again.leave') }}</a></p>
    </div>
</x-layout>
