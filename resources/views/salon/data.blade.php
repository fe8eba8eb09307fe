<x-layout title="Import and export">
    <header class="page-head"><div class="grow"><h1>Import and export</h1><p class="lead">What is written here is yours: take it away whole, bring it back, or delete it.</p></div><a class="button" href="{{ route('salon.edit') }}">House</a></header>
    <div class="two">
        <section>
            <h2>Take away</h2>
            <p class="how">All {{ $heads }} {{ $heads === 1 ? 'client' : 'clients' }} as care records (JSON), clients as vCard, readings, bookings and shelf as CSV. One client alone: on the client’s own page.</p>
            <p class="objects"><a class="button is-strong" href="{{ route('salon.data.archive') }}" download>The whole salon (.zip)</a><a class="button" href="{{ route('salon.data.cards') }}" download>Clients (.vcf)</a><a class="button" href="{{ route('products.csv') }}" download>Shelf (.csv)</a></p>
            <h2>Bring in</h2>
            <p class="how">A salon’s .zip, one or several care records (.json), or clients from an address book (.vcf) or a table (.csv). You see what was found, and every problem with its place, before anything is written.</p>
            <form method="post" action="{{ route('salon.data.look') }}" enctype="multipart/form-data" class="asks" novalidate>
                <x-act/>
                <div class="field"><label class="label" for="f-file">File</label><input class="input" type="file" id="f-file" name="file" accept=".zip,.json,.vcf,.csv">@error('file')<p class="help is-danger">{{ $message }}</p>@enderror</div>
                <button class="button is-strong">Look through it</button>
            </form>
        </section>
        <section>
            <h2>Deleted, with proof</h2>
            @if ($deletions->isEmpty())<p class="reason">Nobody was deleted. A client is deleted, with all data, from the client’s own page.</p>@endif
            <ul class="recent">@foreach ($deletions as $deletion)<li><a href="{{ route('salon.data.proof', $deletion) }}"><strong>{{ $deletion->deleted_at->format('j M Y') }}</strong></a> <span class="reason">{{ array_sum($deletion->before) }} rows and {{ $deletion->files_before }} pictures, by {{ $deletion->by }}: {{ $deletion->leftNothing() ? 'nothing is left' : 'something is left' }}</span></li>@endforeach</ul>
        </section>
    </div>
</x-layout>
