<x-layout :title="__('errors.pages.' . $page . '.0')" bare>
    <div class="sign-in"><h1>{{ __("errors.pages.{$page}.0") }}</h1><p class="lead">{{ __("errors.pages.{$page}.1") }}</p><p><a class="button is-strong" href="/clients">{{ __('errors.to-clients') }}</a></p>@if ($page === '500')<p class="reason">{{ __('errors.number', ['number' => request()->attributes->get('number')]) }}</p>@endif</div>
</x-layout>
