<x-layout :title="__('data-transfer.record.title')">
    <header class="page-head"><div class="grow"><h1>{{ __('data-transfer.record.title') }}</h1><p class="lead">{{ __('data-transfer.record.lead') }}</p></div></header>
    <div class="two">
    <form method="post" action="{{ route('clients.records.store') }}" enctype="multipart/form-data" novalidate class="card">
        <x-act/>
        <div class="field">
            <label class="label" for="f-record">{{ __('data-transfer.record.file') }}</label>
            <input class="input @error('record') is-danger @enderror" type="file" id="f-record" name="record" accept=".json,application/json">
            @foreach ($errors->get('record') as $sentence)<p class="help is-danger">{{ $sentence }}</p>@endforeach
        </div>
        <x-tick name="copy" :label="__('data-transfer.record.copy')"/>
        <button class="button is-strong">{{ __('data-transfer.record.do') }}</button>
    </form>
    <section class="card" aria-labelledby="with">
        <h2 id="with">{{ __('data-transfer.record.with') }}</h2>
        <ul class="recent">@foreach (__('data-transfer.record.parts') as $line)<li>{{ $line }}</li>@endforeach</ul>
        <p class="reason">{{ __('data-transfer.record.not') }}</p>
        @reaches('salon.data')<p><a href="{{ route('salon.data') }}">{{ __('data-transfer.record.several') }}</a></p>@endreaches
    </section>
    </div>
</x-layout>
