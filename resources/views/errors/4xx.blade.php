<x-layout :title="__('errors.title')" bare>
    <div class="sign-in"><h1>{{ __('errors.title') }}</h1><p class="lead">{{ __('errors.other') }}</p><p><a class="button is-strong" href="/today">{{ __('errors.back') }}</a></p></div>
</x-layout>
