<x-layout :title="$product->exists ? 'Change ' . $product->name : 'New product'" :head="$head">
    <header class="page-head"><div class="grow"><h1>{{ $product->exists ? 'Change a product' : 'A new product' }}</h1><p class="lead">{{ $head ? 'At home, of ' . $called($head->name) : 'In the salon' }}</p></div></header>
    <form method="post" action="{{ $product->exists ? route('products.update', $product) : route('products.store') }}" novalidate class="intake">
        <x-act/>
        @if ($product->exists) @method('put') <x-seen :fields="$seen"/> @endif
        @if ($head)<input type="hidden" name="head_id" value="{{ $head->id }}">@endif
        <fieldset>
            <legend>What it is</legend>
            <div class="row">
                <x-field name="name" label="Name" :value="$product->name"/>
                <x-choice name="kind" label="Used as" :options="__('nagomi.kinds')" :value="$product->kind"/>
                <x-field name="barcode" label="Barcode" :value="$product->barcode"/>
            </div>
            <div class="field">
                <label class="label" for="f-ingredients">Ingredients, as on the label</label>
                <div class="control"><textarea class="textarea @error('ingredients') is-danger @enderror" id="f-ingredients" name="ingredients" rows="5" @error('ingredients') aria-invalid="true" aria-describedby="e-ingredients" @enderror>{{ old('ingredients', $product->ingredients) }}</textarea></div>
                @error('ingredients')<p class="help is-danger" id="e-ingredients">{{ $message }}</p>@else<p class="help">Paste it as it is: commas or lines, capitals, brackets, asterisks.</p>@enderror
            </div>
            <fieldset class="points">
                <legend>What the label says of itself</legend>
                <div class="row ticks">
                    <input type="hidden" name="claims[]" value="">
                    @foreach (__('nagomi.claims') as $claim => $words)
                        <label class="checkbox tick"><input type="checkbox" name="claims[]" value="{{ $claim }}" @checked(in_array($claim, (array) old('claims', $product->claims ?? []), true))> <span>{{ $words }}</span></label>
                    @endforeach
                </div>
            </fieldset>
        </fieldset>
        <fieldset>
            <legend>The bottle</legend>
            <div class="row">
                <x-field name="size_ml" label="Size" unit="mL" mode="decimal" :value="$product->size_ml"/>
                <x-field name="pump_ml" label="One press of the pump" unit="mL" mode="decimal" help="weigh ten presses, divide by ten" :value="$product->pump_ml"/>
                <x-field name="price" label="Price of a bottle" :unit="auth()->user()->salon->currency" mode="decimal" :value="$product->price_cents === null ? null : number_format($product->price_cents / 100, 2, '.', '')"/>
                <x-field name="opened_on" label="Opened on" type="date" :value="$product->opened_on?->format('Y-m-d')"/>
                <x-field name="months_open" label="Good once open" unit="months" mode="numeric" :value="$product->months_open"/>
                <x-field name="label_minutes" :label="__('forms.label-minutes.label')" unit="min" mode="numeric" :help="__('forms.label-minutes.help')" :value="$product->label_minutes"/>
                <x-field name="batch" label="Batch" :value="$product->batch"/>
                <x-field name="made_on" label="Made on, if home-made" type="date" :value="$product->made_on?->format('Y-m-d')"/>
                <x-field name="keeps_days" label="Keeps, if home-made" unit="days" mode="numeric" help="water-based and cold: about 5" :value="$product->keeps_days"/>
            </div>
        </fieldset>
        <div class="save"><button class="button is-strong is-large">{{ $product->exists ? 'Save' : 'Save product' }}</button></div>
    </form>
</x-layout>
