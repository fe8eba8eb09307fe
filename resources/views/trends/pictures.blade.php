<x-layout :title="__('pictures.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/trends.css') }}"><script type="module" src="{{ asset('js/screens/pictures.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('pictures.title') }}</h1><p class="lead">{{ __('pictures.lead') }}</p></div>
    </header>
    @if ($left && $right && ! $left->is($right))
        <figure class="compare-two" data-compare>
            <div class="compare-frame">
                <img src="{{ route('clients.pictures.show', [$head, $left]) }}" width="{{ $left->width }}" height="{{ $left->height }}" alt="{{ ucfirst(__('pictures.kinds.' . $left->kind)) }}, {{ $dated($left->taken_on, 'j M Y') }}">
                <img class="compare-over" src="{{ route('clients.pictures.show', [$head, $right]) }}" width="{{ $right->width }}" height="{{ $right->height }}" alt="{{ ucfirst(__('pictures.kinds.' . $right->kind)) }}, {{ $dated($right->taken_on, 'j M Y') }}">
            </div>
            <figcaption><span>{{ __('pictures.kinds.' . $left->kind) }}, {{ $dated($left->taken_on, 'j M Y') }}</span><input type="range" min="0" max="100" value="50" aria-label="{{ __('pictures.slide') }}" data-slide><span>{{ __('pictures.kinds.' . $right->kind) }}, {{ $dated($right->taken_on, 'j M Y') }}</span></figcaption>
        </figure>
        <form method="get" action="{{ route('clients.pictures', $head) }}" class="asks">
            @foreach (['left' => $left, 'right' => $right] as $name => $chosen)
                <x-choice :name="$name" :label="__('pictures.' . $name)" :options="$pictures->mapWithKeys(fn ($picture) => [$picture->id => __('pictures.kinds.' . $picture->kind) . ', ' . $dated($picture->taken_on, 'j M Y')])->all()" :value="$chosen->id"/>
            @endforeach
            <button class="button">{{ __('pictures.compare') }}</button>
        </form>
    @endif
    @if ($pictures->isNotEmpty())
        <ul class="pictures">
            @foreach ($pictures as $picture)
                <li>
                    <img src="{{ route('clients.pictures.show', [$head, $picture]) }}" width="{{ $picture->width }}" height="{{ $picture->height }}" loading="lazy" alt="{{ ucfirst(__('pictures.kinds.' . $picture->kind)) }}, {{ $dated($picture->taken_on, 'j M Y') }}">
                    <p><strong>{{ __('pictures.kinds.' . $picture->kind) }}</strong> {{ $dated($picture->taken_on, 'j M Y') }} <span class="reason">{{ __('pictures.agreed', ['by' => $picture->consent_by, 'day' => $dated($picture->consent_on, 'j M Y')]) }}</span></p>
                    <details><summary>{{ __('pictures.delete') }}</summary>
                        <form method="post" action="{{ route('clients.pictures.destroy', [$head, $picture]) }}"><x-act/> @method('delete')<p class="reason">{{ __('pictures.delete-why') }}</p><button class="button is-small">{{ __('pictures.delete-do') }}</button></form>
                    </details>
                </li>
            @endforeach
        </ul>
    @else
        <div class="empty"><p>{{ __('pictures.none') }}</p></div>
        <x-picture-guides/>
    @endif
    <form method="post" action="{{ route('clients.pictures.store', $head) }}" enctype="multipart/form-data" novalidate class="intake" data-keeps data-keep-picture data-of="{{ $called($head->name) }}">
        <p class="said" data-sent role="status" hidden></p>
        <x-act/>
        <fieldset>
            <legend>{{ __('pictures.new') }}</legend>
            <div class="row">
                <div class="field">
                    <label class="label" for="f-picture">{{ __('pictures.picture') }}</label>
                    <input class="input" type="file" id="f-picture" name="picture" accept="image/jpeg,image/png,image/webp" @error('picture') aria-invalid="true" aria-describedby="e-picture" @else aria-describedby="h-picture" @enderror>
                    @error('picture')<p class="help is-danger" id="e-picture">{{ $message }}</p>@else<p class="help" id="h-picture">{{ __('pictures.formats') }}</p>@enderror
                </div>
                <x-choice name="kind" :label="__('pictures.kind')" :options="__('pictures.kinds')"/>
                <x-field name="taken_on" :label="__('pictures.taken')" type="date" :value="$head->salon->today()->format('Y-m-d')"/>
                <x-field name="consent_by" :label="__('pictures.consent-by')" :value="$head->guardian_name ?: $head->name"/>
            </div>
            <x-tick name="consent" :label="__('pictures.consent')"/>
        </fieldset>
        <div class="save"><button class="button is-strong">{{ __('pictures.keep') }}</button></div>
    </form>
</x-layout>
