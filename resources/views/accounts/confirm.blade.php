<x-layout :title="__('people.again.title')">
    <header class="page-head"><div class="grow"><h1>{{ __('people.again.title') }}</h1><p class="lead">{{ __('people.again.lead') }}</p></div></header>
    <form method="post" action="{{ route('account.confirm.store') }}" novalidate class="intake"><x-act/>
        <fieldset>
            <legend>{{ auth()->user()->name }}</legend>
            <div class="row"><x-password name="current" :label="__('people.current-password')" kind="current-password"/></div>
            <p><button class="button is-strong">{{ __('people.again.do') }}</button> <a class="button" href="{{ route('today') }}">{{ __('people.again.leave') }}</a></p>
        </fieldset>
    </form>
</x-layout>
