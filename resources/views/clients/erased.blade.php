<x-layout title="Proof of deletion">
    <header class="page-head"><div class="grow"><h1>{{ $deletion->leftNothing() ? 'Nothing is left' : 'Something is left' }}</h1>
        <p class="lead">A client was deleted on {{ $deletion->deleted_at->setTimezone($salon->timezone)->format('j F Y, G:i') }} by {{ $deletion->by }}. The name is not kept here either.</p></div><a class="button" href="{{ route('salon.data') }}">In and out</a></header>
    <x-wide-table label="What was deleted"><table class="table compare"><thead><tr><th scope="col">Kept in</th><th scope="col" class="num">rows before</th><th scope="col" class="num">counted again after</th></tr></thead>
        <tbody>@foreach ($deletion->before as $table => $count)<tr><td>{{ str_replace('_', ' ', $table) }}</td><td class="num">{{ $count }}</td><td class="num">{{ $deletion->after[$table] ?? 0 }}</td></tr>@endforeach
            <tr><td>picture files</td><td class="num">{{ $deletion->files_before }}</td><td class="num">{{ $deletion->files_after }}</td></tr></tbody></table></x-wide-table>
    <p class="reason">Copies in backups of the server are beyond this page; docs/deploying.md says how long they are kept.</p>
</x-layout>
