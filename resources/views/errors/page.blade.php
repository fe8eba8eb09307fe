<x-layout :title="__('errors.pages.' . $page . '.0')" bare>
    <div class="sign-in"><h1>{{ __("errors.pages.{$page}.0") }}</h1><p class="lead">{{ __("errors.pages.{$page}.1") }}</p><p><a class="button is-strong" href="/clients">{{ __('errors.to-clients') }}</a></p></div>
</x-layout>
