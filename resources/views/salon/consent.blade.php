<x-layout :title="__('consent.salon-title')">
    <header class="page-head"><div class="grow"><h1>{{ __('consent.salon-title') }}</h1><p class="lead">{{ __('consent.salon-lead') }} {{ __('consent.law') }}</p></div><x-salon-places/></header>
    <form method="post" action="{{ route('salon.consent.update') }}" novalidate>
        <x-act/> @method('put')
        <div class="wordings">
        @foreach ($texts as ['text' => $text, 'field' => $field, 'language' => $language])
            <div class="field"><label class="label" for="f-{{ $field }}">{{ __("consent.purposes.{$text->purpose->value}") }}, {{ $language }}</label>
                <div class="control"><textarea class="textarea @error($field) is-danger @enderror" rows="7" id="f-{{ $field }}" name="{{ $field }}" lang="{{ $text->language }}" @error($field) aria-invalid="true" aria-describedby="e-{{ $field }}" @else aria-describedby="h-{{ $field }}" @enderror>{{ old($field, $text->wording) }}</textarea></div>
                @error($field)<p class="help is-danger" id="e-{{ $field }}">{{ $message }}</p>@else<p class="help" id="h-{{ $field }}">{{ $text->isOwn ? __('consent.own', ['day' => $dated($text->since)]) : __('consent.shipped') }}</p>@enderror
            </div>
        @endforeach
        </div>
        <p><button class="button is-strong">{{ __('contact.save') }}</button></p>
    </form>
</x-layout>
