<x-layout title="Take in a record">
    <header class="page-head"><div class="grow"><h1>Take in a care record</h1><p class="lead">One head’s whole history from another book, as a .json file. It is taken in whole or not at all.</p></div></header>
    <form method="post" action="{{ route('clients.records.store') }}" enctype="multipart/form-data" novalidate class="narrow">
        <x-act/>
        <div class="field">
            <label class="label" for="f-record">Care record</label>
            <input class="input @error('record') is-danger @enderror" type="file" id="f-record" name="record" accept=".json,application/json">
            @foreach ($errors->get('record') as $sentence)<p class="help is-danger">{{ $sentence }}</p>@endforeach
        </div>
        <x-tick name="copy" label="as a second copy, if this head is here already"/>
        <button class="button is-strong">Take it in</button>
    </form>
</x-layout>
