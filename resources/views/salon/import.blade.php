<x-layout :title="__('salon.data.found')">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/import.css') }}"></x-slot:scripts>
    @if ($import->taken_at)
        @php($counts = array_map(count(...), $import->made ?? []))
        <header class="page-head"><div class="grow"><h1>{{ __('import.taken') }}</h1><p class="lead">{{ __('import.taken-lead', ['name' => $import->name, 'by' => $import->taken_by, 'when' => $dated($import->taken_at->setTimezone($timezone), 'j M, G:i')]) }}</p></div><a class="button is-strong" href="{{ route('clients.index') }}">{{ __('import.to-clients') }}</a></header>
        <section class="card" aria-labelledby="came"><h2 id="came">{{ __('import.came') }}</h2>
            <ul class="import-counts">@foreach (['heads' => 'clients', 'bookings' => 'bookings', 'wash_days' => 'wash_days', 'filled' => 'details'] as $what => $words)@if (($counts[$what] ?? 0) > 0)<li>{{ trans_choice("said.import.{$words}", $counts[$what]) }}</li>@endif @endforeach</ul>
            @if ($import->canBeUndone())
                <p class="how">{{ __('import.undo-how', ['until' => $dated($import->undoneUntil()->setTimezone($timezone), 'D j M, G:i')]) }}</p>
                <form method="post" action="{{ route('salon.data.undo', $import) }}"><x-act/> @method('delete')<button class="button">{{ __('import.undo') }}</button></form>
            @else<p class="reason">{{ __('import.no-more') }}</p>@endif
        </section>
        <section class="card import-came" aria-labelledby="people"><h2 id="people">{{ __('import.whose') }}</h2>
            @if ($people->isEmpty())<p class="reason">{{ __('import.nobody') }}</p>@endif
            <ul class="import-people">@foreach ($people as $head)<li><a href="{{ route('clients.now', $head) }}">{{ $called($head->name) }}</a></li>@endforeach</ul>
        </section>
    @else
    <header class="page-head"><div class="grow"><h1>{{ __('salon.data.found') }}</h1><p class="lead">{{ __('salon.data.found-lead', ['name' => $import->name, 'good' => count($good), 'all' => count($good) + count($problems)]) }}@if ($table) {{ $table->how() }}@endif</p></div></header>
    @if ($table)
        <form method="post" action="{{ route('salon.data.columns', $import) }}" class="intake" novalidate><x-act/> @method('put')
            <fieldset>
                <legend>{{ __('import.columns') }}</legend>
                <p class="how">{{ __('import.columns-how') }}</p>
                @error('columns')<p class="wrong" role="alert">{{ $message }}</p>@enderror
                <div class="row">
                    <x-choice name="subject" :label="__('import.subject')" :options="$table->subjects()" :value="$table->reading->subject->value"/>
                    @if ($table->sheets())<x-choice name="sheet" :label="__('import.sheet')" :options="$table->sheets()" :value="$table->reading->sheet"/>@endif
                    <x-choice name="header" :label="__('import.header')" :options="$table->headers()" :value="$table->reading->header"/>
                    @unless ($table->reading->isSure && old('order') === null)<x-choice name="order" :label="__('import.order')" :options="$table->orders()" :value="$table->reading->order->value" :help="__('import.order-help')"/>@endunless
                </div>
                <div class="import-columns">
                    @foreach ($table->columns() as $column)
                        <div class="import-column"><x-choice :name="'columns[' . $column['place'] . ']'" :label="$column['called']" :options="$table->fields()" :value="$column['field']" :help="$column['samples']"/></div>
                    @endforeach
                </div>
            </fieldset>
            @foreach ($table->asked() as $asked)
                <fieldset>
                    <legend>{{ __('import.words', ['field' => $asked['title']]) }}</legend>
                    <p class="how">{{ __('import.words-how') }}</p>
                    <div class="import-columns">
                        @foreach ($asked['words'] as $key => $word)
                            <div class="import-column"><x-choice :name="'words[' . $asked['field'] . '][' . $key . ']'" :label="$word['word'] === '' ? __('import.empty-word') : $word['word']" :options="$asked['options']" :value="$word['means'] ?? ''" :help="trans_choice('import.on-lines', $word['lines'])"/></div>
                        @endforeach
                    </div>
                </fieldset>
            @endforeach
            <p class="import-read"><button class="button @if ($table->asked()) is-strong @endif">{{ __('import.read-again') }}</button></p>
        </form>
        @if ($table->beyond() > 0)<p class="wrong" role="alert">{{ trans_choice('import.beyond', $table->beyond()) }}</p>@endif
    @endif
    <section id="found" aria-labelledby="found-title">
        <h2 id="found-title">{{ trans_choice('import.comes', $comes) }}</h2>
        @if ($table && $table->leftOut())<p class="how">{{ __('import.left-out', ['columns' => implode(', ', $table->leftOut())]) }}</p>@endif
        @if ($problems)
            <h3>{{ trans_choice('import.kept-out', count($problems)) }}</h3>
            <ul class="import-lines">@foreach (array_slice($problems, 0, $first) as $line)<x-import-line :line="$line"/>@endforeach</ul>
            @if (count($problems) > $first)<details><summary>{{ trans_choice('import.all-others', count($problems) - $first) }}</summary><ul class="import-lines">@foreach (array_slice($problems, $first, $most) as $line)<x-import-line :line="$line"/>@endforeach</ul>@if (count($problems) > $first + $most)<p class="reason">{{ trans_choice('import.more-lines', count($problems) - $first - $most) }}</p>@endif</details>@endif
        @endif
        @if ($good)
            <h3>{{ __('import.good') }}</h3>
            <ul class="import-lines">@foreach (array_slice($good, 0, $first) as $line)<x-import-line :line="$line"/>@endforeach</ul>
            @if (count($good) > $first)<details><summary>{{ trans_choice('import.all-others', count($good) - $first) }}</summary><ul class="import-lines">@foreach (array_slice($good, $first, $most) as $line)<x-import-line :line="$line"/>@endforeach</ul>@if (count($good) > $first + $most)<p class="reason">{{ trans_choice('import.more-lines', count($good) - $first - $most) }}</p>@endif</details>@endif
        @endif
    </section>
    <form method="post" action="{{ route('salon.data.take', $import) }}">
        <x-act/>
        @if ($fills > 0)<x-tick name="fills" :label="trans_choice('import.fill', $fills)" checked/>@endif
        @if ($copies > 0)<x-tick name="again" :label="trans_choice('salon.data.again', $copies)"/>@endif
        <p class="objects"><button class="button is-strong" @disabled($good === [])>{{ __('salon.data.take') }}</button><button class="button" form="drop">{{ __('salon.data.leave') }}</button></p>
    </form>
    <form method="post" id="drop" action="{{ route('salon.data.drop', $import) }}"><x-act/> @method('delete')</form>
    @endif
</x-layout>
