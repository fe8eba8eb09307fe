<x-layout :title="__('data-transfer.erased.title')">
    <header class="page-head"><div class="grow"><h1>{{ __($deletion->leftNothing() ? 'data-transfer.erased.nothing' : 'data-transfer.erased.something') }}</h1>
        <p class="lead">{{ __('data-transfer.erased.lead', ['when' => $dated($deletion->deleted_at->setTimezone($salon->timezone), 'j F Y, G:i'), 'by' => $deletion->by === '' ? __('forgetting.by-itself') : $deletion->by]) }}</p></div><a class="button" href="{{ route('salon.data') }}">{{ __('salon.data.title') }}</a></header>
    <x-wide :label="__('data-transfer.erased.what')"><table class="table compare"><thead><tr><th scope="col">{{ __('data-transfer.erase.kept-in') }}</th><th scope="col" class="num">{{ __('data-transfer.erased.before') }}</th><th scope="col" class="num">{{ __('data-transfer.erased.after') }}</th></tr></thead>
        <tbody>@foreach ($deletion->before as $table => $count)<tr><td>{{ __("data-transfer.tables.{$table}") }}</td><td class="num">{{ $count }}</td><td class="num">{{ $deletion->after[$table] ?? 0 }}</td></tr>@endforeach
            <tr><td>{{ __('data-transfer.erase.files') }}</td><td class="num">{{ $deletion->files_before }}</td><td class="num">{{ $deletion->files_after }}</td></tr></tbody></table></x-wide>
    <p class="reason">{{ __('data-transfer.erased.backups') }}</p>
</x-layout>
