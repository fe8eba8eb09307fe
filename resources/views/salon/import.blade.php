<x-layout :title="__('salon.data.found')">
    <header class="page-head"><div class="grow"><h1>{{ __('salon.data.found') }}</h1><p class="lead">{{ __('salon.data.found-lead', ['name' => $import->name, 'good' => $good, 'all' => count($import->found)]) }}</p></div></header>
    <x-wide :label="__('salon.data.found')"><table class="table compare">
        <thead><tr><th scope="col">{{ __('salon.data.where') }}</th><th scope="col">{{ __('salon.data.who') }}</th><th scope="col">{{ __('salon.data.what') }}</th></tr></thead>
        <tbody>
            @foreach ($import->found as $found)
                <tr><td>{{ $found['where'] }}</td><td>{{ $found['name'] }}</td>
                    <td>@forelse ($found['problems'] as $problem)<span class="is-broken">{{ $problem }}</span><br>@empty{{ $found['says'] }}@if ($found['here']), <strong>{{ __('salon.data.here') }}</strong>@endif @endforelse</td></tr>
            @endforeach
        </tbody>
    </table></x-wide>
    <form method="post" action="{{ route('salon.data.take', $import) }}">
        <x-act/>
        @if ($here > 0)<x-tick name="again" :label="trans_choice('salon.data.again', $here)"/>@endif
        <p class="objects"><button class="button is-strong" @disabled($good === 0)>{{ __('salon.data.take') }}</button><button class="button" form="drop">{{ __('salon.data.leave') }}</button></p>
    </form>
    <form method="post" id="drop" action="{{ route('salon.data.drop', $import) }}"><x-act/> @method('delete')</form>
</x-layout>
