<x-layout title="Delete" :head="$head">
    <header class="page-head"><div class="grow"><h1>Take away or delete</h1><p class="lead">Everything of {{ $head->name }}, to take away for the client or for yourself; deleted, it cannot be brought back.</p></div></header>
    <p class="objects"><a class="button is-strong" href="{{ route('clients.parcel', $head) }}" download>Everything of this client (.zip)</a></p>
    <x-wide-table label="Rows kept in each place"><table class="table compare"><thead><tr><th scope="col">Kept in</th><th scope="col" class="num">rows</th></tr></thead>
        <tbody>@foreach ($counts as $table => $count)<tr><td>{{ str_replace('_', ' ', $table) }}</td><td class="num">{{ $count }}</td></tr>@endforeach<tr><td>picture files</td><td class="num">{{ $files }}</td></tr></tbody></table></x-wide-table>
    <form method="post" action="{{ route('clients.delete', $head) }}" class="asks" novalidate>
        <x-act/> @method('delete')
        <x-field name="name" label="Type the whole name"/>
        <button class="button is-strong">Delete the client and all of it</button>
    </form>
</x-layout>
