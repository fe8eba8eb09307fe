<x-layout :title="__('data-transfer.erase.title')" :head="$head">
    <header class="page-head"><div class="grow"><h1>{{ __('data-transfer.erase.title') }}</h1><p class="lead">{{ __('data-transfer.erase.lead', ['name' => $head->name]) }}</p></div></header>
    <p class="objects"><a class="button is-strong" href="{{ route('clients.parcel', $head) }}" download>{{ __('data-transfer.erase.all') }}</a><a class="button" href="{{ route('clients.history.pdf', $head) }}" download>{{ __('whole-history.pdf') }}</a><a class="button" href="{{ route('clients.history.json', $head) }}" download>{{ __('whole-history.json') }}</a></p>
    <x-wide :label="__('data-transfer.erase.rows-label')"><table class="table compare"><thead><tr><th scope="col">{{ __('data-transfer.erase.kept-in') }}</th><th scope="col" class="num">{{ __('data-transfer.erase.rows') }}</th></tr></thead>
        <tbody>@foreach ($counts as $table => $count)<tr><td>{{ __("data-transfer.tables.{$table}") }}</td><td class="num">{{ $count }}</td></tr>@endforeach<tr><td>{{ __('data-transfer.erase.files') }}</td><td class="num">{{ $files }}</td></tr></tbody></table></x-wide>
    <form method="post" action="{{ route('clients.delete', $head) }}" class="asks" novalidate>
        <x-act/> @method('delete')
        <x-field name="name" :label="__('data-transfer.erase.name')"/>
        <button class="button is-strong">{{ __('data-transfer.erase.do') }}</button>
    </form>
</x-layout>
