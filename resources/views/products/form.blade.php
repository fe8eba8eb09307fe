<x-layout :title="$product->exists ? __('products.form.title-of', ['name' => $product->name]) : __('products.form.new')" :head="$head">
    <header class="page-head"><div class="grow"><h1>{{ __($product->exists ? 'products.form.edit' : 'products.form.new') }}</h1><p class="lead">{{ $head ? __('products.form.at-home', ['name' => $called($head->name)]) : __('products.form.in-salon') }}</p></div></header>
    <form method="post" action="{{ $product->exists ? route('products.update', $product) : route('products.store') }}" novalidate class="intake">
        <x-act/>
        @if ($product->exists) @method('put') <x-seen :fields="$seen"/> @endif
        @if ($head)<input type="hidden" name="head_id" value="{{ $head->id }}">@endif
        <fieldset>
            <legend>{{ __('products.form.what') }}</legend>
            <div class="row">
                <x-field name="name" :label="__('products.form.name')" :value="$product->name"/>
                <x-choice name="kind" :label="__('products.form.kind')" :options="__('nagomi.kinds')" :value="$product->kind"/>
                <x-field name="barcode" :label="__('products.form.barcode')" :value="$product->barcode"/>
            </div>
            <div class="field">
                <label class="label" for="f-ingredients">{{ __('products.form.ingredients') }}</label>
                <div class="control"><textarea class="textarea @error('ingredients') is-danger @enderror" id="f-ingredients" name="ingredients" rows="5" @error('ingredients') aria-invalid="true" aria-describedby="e-ingredients" @enderror>{{ old('ingredients', $product->ingredients) }}</textarea></div>
                @error('ingredients')<p class="help is-danger" id="e-ingredients">{{ $message }}</p>@else<p class="help">{{ __('products.form.ingredients-help') }}</p>@enderror
            </div>
            <fieldset class="points">
                <legend>{{ __('products.form.claims') }}</legend>
                <div class="row ticks">
                    <input type="hidden" name="claims[]" value="">
                    @foreach (__('nagomi.claims') as $claim => $words)
                        <label class="checkbox tick"><input type="checkbox" name="claims[]" value="{{ $claim }}" @checked(in_array($claim, (array) old('claims', $product->claims ?? []), true))> <span>{{ $words }}</span></label>
                    @endforeach
                </div>
            </fieldset>
        </fieldset>
        <fieldset>
            <legend>{{ __('products.form.bottle') }}</legend>
            <div class="row">
                <x-field name="size_ml" :label="__('products.form.size')" unit="mL" mode="decimal" :value="$product->size_ml"/>
                <x-field name="pump_ml" :label="__('products.form.pump')" unit="mL" mode="decimal" :help="__('products.form.pump-help')" :value="$product->pump_ml"/>
                <x-field name="price" :label="__('products.form.price')" :unit="auth()->user()->salon->currency" mode="decimal" :cents="$product->price_cents"/>
                <x-field name="opened_on" :label="__('products.form.opened')" type="date" :value="$product->opened_on?->format('Y-m-d')"/>
                <x-field name="months_open" :label="__('products.form.open-for')" :unit="__('products.form.months')" mode="numeric" :value="$product->months_open"/>
                <x-field name="label_minutes" :label="__('forms.label-minutes.label')" unit="min" mode="numeric" :help="__('forms.label-minutes.help')" :value="$product->label_minutes"/>
                <x-field name="batch" :label="__('products.form.batch')" :value="$product->batch"/>
                <x-field name="made_on" :label="__('products.form.made')" type="date" :value="$product->made_on?->format('Y-m-d')"/>
                <x-field name="keeps_days" :label="__('products.form.keeps')" :unit="__('products.form.days')" mode="numeric" :help="__('products.form.keeps-help')" :value="$product->keeps_days"/>
            </div>
        </fieldset>
        <div class="save"><button class="button is-strong is-large">{{ __($product->exists ? 'products.form.save' : 'products.form.save-new') }}</button></div>
    </form>
</x-layout>
