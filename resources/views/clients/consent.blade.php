<x-layout :title="__('consent.of', ['name' => $called($head->name)])" :head="$head">
    <header class="page-head"><div class="grow"><h1>{{ __('consent.title') }}</h1><p class="lead">{{ __('consent.lead') }}</p></div><a class="button" href="{{ route('clients.consent.form', $head) }}" download>{{ __('consent.form') }}</a></header>
    <div class="two is-even">
        @foreach ($purposes as ['text' => $text, 'held' => $held, 'isOld' => $isOld])
            <section class="card">
                <h2>{{ __("consent.purposes.{$text->purpose->value}") }}</h2>
                @if ($held)
                    <p><strong>{{ __($held->taken_by === '' ? 'consent.holds-alone' : 'consent.holds', ['by' => $held->given_by, 'day' => $dated($held->given_on), 'taken' => $held->taken_by]) }}</strong></p>
                    <p class="how" @if ($held->wording !== '' && $held->language) lang="{{ $held->language }}" @endif>{{ $held->wording === '' ? __('consent.no-words') : $held->wording }}</p>
                    @if ($held->worded_on)<p class="reason">{{ __('consent.words-of', ['day' => $dated($held->worded_on)]) }}</p>@endif
                    <form method="post" action="{{ route('clients.consent.withdraw', [$head, $held]) }}"><x-act/> @method('delete')<button class="button" aria-label="{{ __('consent.withdraw') }}: {{ __("consent.purposes.{$text->purpose->value}") }}">{{ __('consent.withdraw') }}</button></form>
                @else
                    <p><strong>{{ __('consent.none') }}</strong></p>
                @endif
                @if (! $held || $isOld)
                    @if ($isOld)<h3>{{ __('consent.now') }}</h3>@endif
                    <p class="how" lang="{{ $text->language }}">{{ $text->wording }}</p>
                    <p class="reason">{{ __('consent.words-of', ['day' => $dated($text->since)]) }}</p>
                    @php($isThis = old('purpose', $text->purpose->value) === $text->purpose->value)
                    <form method="post" action="{{ route('clients.consent.give', $head) }}" class="asks" novalidate>
                        <x-act/><input type="hidden" name="purpose" value="{{ $text->purpose->value }}">
                        <div class="field"><label class="label" for="f-by-{{ $text->purpose->value }}">{{ __('consent.given-by') }}</label><input class="input" id="f-by-{{ $text->purpose->value }}" name="given_by" autocomplete="off" value="{{ $isThis ? old('given_by', $givenBy) : $givenBy }}">@if ($isThis) @error('given_by')<p class="help is-danger">{{ $message }}</p>@enderror @endif</div>
                        <div class="field tick"><label class="checkbox" for="f-agreed-{{ $text->purpose->value }}"><input type="checkbox" id="f-agreed-{{ $text->purpose->value }}" name="agreed" value="1"> <span>{{ __('consent.agreed') }}</span></label>@if ($isThis) @error('agreed')<p class="help is-danger">{{ $message }}</p>@enderror @endif</div>
                        <button class="button is-strong">{{ __($isOld ? 'consent.again' : 'consent.give') }}</button>
                    </form>
                @endif
            </section>
        @endforeach
    </div>
    @if ($before->isNotEmpty())<h2>{{ __('consent.before') }}</h2><ul class="recent">@foreach ($before as $one)<li><details><summary>{{ __('consent.taken-back', ['purpose' => __("consent.purposes.{$one->purpose->value}"), 'by' => $one->given_by, 'from' => $dated($one->given_on), 'until' => $dated($one->withdrawn_on)]) }}</summary><p class="how" @if ($one->wording !== '' && $one->language) lang="{{ $one->language }}" @endif>{{ $one->wording === '' ? __('consent.no-words') : $one->wording }}</p></details></li>@endforeach</ul>@endif
    <p class="reason">{{ __('consent.law') }}</p>
</x-layout>
