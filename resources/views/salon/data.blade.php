<x-layout :title="__('salon.data.title')">
    <header class="page-head"><div class="grow"><h1>{{ __('salon.data.title') }}</h1><p class="lead">{{ __('salon.data.lead') }}</p></div><x-salon-places/></header>
    <div class="two">
        <section>
            <h2>{{ __('salon.data.export') }}</h2>
            <p class="how">{{ trans_choice('salon.data.export-how', $heads) }}</p>
            <p class="objects"><a class="button is-strong" href="{{ route('salon.data.archive') }}" download>{{ __('salon.data.whole') }}</a><a class="button" href="{{ route('salon.data.cards') }}" download>{{ __('salon.data.clients') }}</a><a class="button" href="{{ route('products.csv') }}" download>{{ __('salon.data.products') }}</a></p>
            <h2>{{ __('salon.data.import') }}</h2>
            <p class="how">{{ __('salon.data.import-how') }}</p>
            <form method="post" action="{{ route('salon.data.look') }}" enctype="multipart/form-data" class="asks" novalidate>
                <x-act/>
                <div class="field"><label class="label" for="f-file">{{ __('salon.data.file') }}</label><input class="input" type="file" id="f-file" name="file" accept=".zip,.json,.vcf,.csv,.txt,.tsv,.xlsx,.ods,.xls">@error('file')<p class="help is-danger">{{ $message }}</p>@enderror</div>
                <button class="button is-strong">{{ __('salon.data.look') }}</button>
            </form>
            @if ($imports->isNotEmpty())<h3>{{ __('import.lately') }}</h3><ul class="recent">@foreach ($imports as $import)<li><a href="{{ route('salon.data.import', $import) }}"><strong>{{ $import->name }}</strong></a> <span class="reason">{{ __($import->taken_at === null ? 'import.waits' : ($import->canBeUndone() ? 'import.undoable' : 'import.no-more')) }}</span></li>@endforeach</ul>@endif
        </section>
        <section>
            <h2>{{ __('forgetting.title') }}</h2>
            <p class="how">{{ __('forgetting.how', ['days' => $toldDays]) }} {{ __('forgetting.never') }}</p>
            <form method="post" action="{{ route('salon.data.forget') }}" class="asks" novalidate>
                <x-act/> @method('put')
                <x-field name="forget_after_years" :label="__('forgetting.years')" :value="$forgetAfterYears" :unit="__('forgetting.unit')" mode="numeric"/>
                <button class="button">{{ __('contact.save') }}</button>
            </form>
            @if ($soon->isNotEmpty())<h3>{{ __('forgetting.soon') }}</h3><ul class="recent">@foreach ($soon as $head)<li class="with-act"><a href="{{ route('clients.now', $head) }}"><strong>{{ $called($head->name) }}</strong></a> <span class="reason">{{ __('forgetting.on', ['day' => $dated($head->forget_on)]) }}</span> <form method="post" action="{{ route('salon.data.keep', $head) }}"><x-act/> @method('put')<button class="button" aria-label="{{ __('forgetting.keep') }}: {{ $called($head->name) }}">{{ __('forgetting.keep') }}</button></form></li>@endforeach</ul>@endif
            <h2>{{ __('salon.data.deleted') }}</h2>
            @if ($deletions->isEmpty())<p class="reason">{{ __('salon.data.nobody') }}</p>@endif
            <ul class="recent">@foreach ($deletions as $deletion)<li><a href="{{ route('salon.data.proof', $deletion) }}"><strong>{{ $dated($deletion->deleted_at, 'j M Y') }}</strong></a> <span class="reason">{{ __('salon.data.deletion', ['rows' => array_sum($deletion->before), 'pictures' => $deletion->files_before, 'by' => $deletion->by === '' ? __('forgetting.by-itself') : $deletion->by, 'left' => __($deletion->leftNothing() ? 'salon.data.nothing-left' : 'salon.data.something-left')]) }}</span></li>@endforeach</ul>
        </section>
    </div>
</x-layout>
