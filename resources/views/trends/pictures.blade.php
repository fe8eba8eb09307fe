<x-layout :title="'Pictures of ' . $called($head->name)" :head="$head">
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/pictures.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>Pictures</h1><p class="lead">Before and after. Kept private, without the place they were taken.</p></div>
    </header>
    @if ($left && $right && ! $left->is($right))
        <figure class="compare-two" data-compare>
            <div class="compare-frame">
                <img src="{{ route('clients.pictures.show', [$head, $left]) }}" width="{{ $left->width }}" height="{{ $left->height }}" alt="{{ ucfirst($left->kind) }}, {{ $left->taken_on->format('j M Y') }}">
                <img class="compare-over" src="{{ route('clients.pictures.show', [$head, $right]) }}" width="{{ $right->width }}" height="{{ $right->height }}" alt="{{ ucfirst($right->kind) }}, {{ $right->taken_on->format('j M Y') }}">
            </div>
            <figcaption><span>{{ $left->kind }}, {{ $left->taken_on->format('j M Y') }}</span><input type="range" min="0" max="100" value="50" aria-label="How much of the later picture is shown" data-slide><span>{{ $right->kind }}, {{ $right->taken_on->format('j M Y') }}</span></figcaption>
        </figure>
        <form method="get" action="{{ route('clients.pictures', $head) }}" class="asks">
            @foreach (['left' => $left, 'right' => $right] as $name => $chosen)
                <x-choice :name="$name" :label="ucfirst($name)" :options="$pictures->mapWithKeys(fn ($picture) => [$picture->id => $picture->kind . ', ' . $picture->taken_on->format('j M Y')])->all()" :value="$chosen->id"/>
            @endforeach
            <button class="button">Put side by side</button>
        </form>
    @endif
    @if ($pictures->isNotEmpty())
        <ul class="pictures">
            @foreach ($pictures as $picture)
                <li>
                    <img src="{{ route('clients.pictures.show', [$head, $picture]) }}" width="{{ $picture->width }}" height="{{ $picture->height }}" loading="lazy" alt="{{ ucfirst($picture->kind) }}, {{ $picture->taken_on->format('j M Y') }}">
                    <p><strong>{{ $picture->kind }}</strong> {{ $picture->taken_on->format('j M Y') }} <span class="reason">agreed to by {{ $picture->consent_by }}, {{ $picture->consent_on->format('j M Y') }}</span></p>
                    <details><summary>Delete it</summary>
                        <form method="post" action="{{ route('clients.pictures.destroy', [$head, $picture]) }}"><x-act/> @method('delete')<p class="reason">The file is deleted with it and does not come back.</p><button class="button is-small">Delete this picture</button></form>
                    </details>
                </li>
            @endforeach
        </ul>
    @else
        <div class="empty"><p>No pictures yet. One before the wash and one once dry, in the same light and from the same side, say more than ten from anywhere.</p></div>
    @endif
    <form method="post" action="{{ route('clients.pictures.store', $head) }}" enctype="multipart/form-data" novalidate class="intake" data-keeps data-keep-picture data-of="{{ $called($head->name) }}">
        <p class="said" data-sent role="status" hidden></p>
        <x-act/>
        <fieldset>
            <legend>A new picture</legend>
            <div class="row">
                <div class="field">
                    <label class="label" for="f-picture">Picture</label>
                    <input class="input" type="file" id="f-picture" name="picture" accept="image/jpeg,image/png,image/webp" @error('picture') aria-invalid="true" aria-describedby="e-picture" @else aria-describedby="h-picture" @enderror>
                    @error('picture')<p class="help is-danger" id="e-picture">{{ $message }}</p>@else<p class="help" id="h-picture">JPEG, PNG or WebP, under 12 MB</p>@enderror
                </div>
                <x-choice name="kind" label="Kind" :options="['before' => 'before', 'after' => 'after', 'other' => 'other']"/>
                <x-field name="taken_on" label="Taken on" type="date" :value="$head->salon->today()->format('Y-m-d')"/>
                <x-field name="consent_by" label="Consent by" :value="$head->guardian_name ?: $head->name"/>
            </div>
            <x-tick name="consent" label="The client (or a guardian) agrees to this picture being kept."/>
        </fieldset>
        <div class="save"><button class="button is-strong">Keep this picture</button></div>
    </form>
</x-layout>
