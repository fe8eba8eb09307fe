<x-layout title="Look through">
    <header class="page-head"><div class="grow"><h1>What was found</h1><p class="lead">{{ $import->name }}: {{ $good }} of {{ count($import->found) }} can be taken in. Nothing is written yet.</p></div></header>
    <x-wide-table label="What was found"><table class="table compare">
        <thead><tr><th scope="col">Where</th><th scope="col">Who</th><th scope="col">What</th></tr></thead>
        <tbody>
            @foreach ($import->found as $found)
                <tr><td>{{ $found['where'] }}</td><td>{{ $found['name'] }}</td>
                    <td>@forelse ($found['problems'] as $problem)<span class="is-broken">{{ $problem }}</span><br>@empty{{ $found['says'] }}@if ($found['here']), <strong>here already</strong>@endif @endforelse</td></tr>
            @endforeach
        </tbody>
    </table></x-wide-table>
    <form method="post" action="{{ route('salon.data.take', $import) }}">
        <x-act/>
        @if ($here > 0)<x-tick name="again" label="{{ $here === 1 ? 'Take the one that is here already' : 'Take the ' . $here . ' that are here already' }} in as a second copy; otherwise left out"/>@endif
        <p class="objects"><button class="button is-strong" @disabled($good === 0)>Take in what can be</button><button class="button" form="drop">Leave it</button></p>
    </form>
    <form method="post" id="drop" action="{{ route('salon.data.drop', $import) }}"><x-act/> @method('delete')</form>
</x-layout>
