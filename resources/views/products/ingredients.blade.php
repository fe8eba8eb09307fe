<x-layout :title="__('products.book')">
    <header class="page-head"><div class="grow"><h1>{{ __('products.book') }}</h1><p class="lead">{{ trans_choice('products.ingredients.lead', $all) }}</p></div></header>
    <form method="get" action="{{ route('products.book') }}" class="asks" novalidate>
        <x-field name="search" :label="__('products.ingredients.name')" :value="$search"/>
        <x-choice name="function" :label="__('products.ingredients.does')" :options="__('nagomi.functions')" :empty="__('products.ingredients.anything')" :value="$function"/>
        <button class="button">{{ __('products.ingredients.look-up') }}</button>
    </form>
    <p class="reason">{{ $count > count($rows) ? __('products.ingredients.found-first', ['count' => $count, 'shown' => count($rows)]) : __('products.ingredients.found', ['count' => $count]) }}</p>
    <x-wide :label="__('products.ingredients.ingredients')"><table class="table book">
        <thead><tr><th scope="col">{{ __('products.ingredients.ingredient') }}</th><th scope="col">{{ __('products.ingredients.does') }}</th><th scope="col">{{ __('products.ingredients.strength') }}</th><th scope="col" class="num">{{ __('products.ingredients.at-most') }}</th><th scope="col">{{ __('products.ingredients.from') }}</th></tr></thead>
        <tbody>
        @foreach ($rows as $row)
            <tr>
                <td>{{ $row['name'] }}@if ($row['also'] !== []) <span class="reason">{{ implode(', ', $row['also']) }}</span>@endif</td>
                <td>{{ implode(', ', array_map(fn ($function) => __("nagomi.functions.{$function}"), $row['functions'])) }}@if ($row['note']) <span class="reason">{{ $row['note'] }}</span>@endif</td>
                <td>{{ $row['strength'] }}</td>
                <td class="num">{{ $row['cap'] === null ? '' : $row['cap'] . ' %' }}</td>
                <td>@if ($row['taught']){{ __('products.ingredients.taught') }} @reaches('products.forget')<form method="post" action="{{ route('products.forget', $row['taught']) }}"><x-act/> @method('delete')<button class="button is-small">{{ __('products.ingredients.forget') }}<span class="is-sr-only">: {{ $row['name'] }}</span></button></form>@endreaches @else{{ $row['source'] }}@endif</td>
            </tr>
        @endforeach
        </tbody>
    </table></x-wide>
    @reaches('products.teach')
    <details class="more-tests" @if ($errors->any() || $rows === []) open @endif>
        <summary>{{ __('products.ingredients.teach') }}</summary>
        <form method="post" action="{{ route('products.teach') }}" class="asks" novalidate>
            <x-act/>
            <x-field name="name" :label="__('products.ingredients.ingredient')" :value="$rows === [] ? $search : (count($rows) === 1 ? $rows[0]['name'] : null)"/>
            <x-field name="also" :label="__('products.one.teach.also')"/>
            <div class="field"><label class="label" for="f-teach-function">{{ __('products.one.teach.function') }}</label><div class="select"><select id="f-teach-function" name="function"><option value="">{{ __('products.one.teach.choose') }}</option>@foreach (__('nagomi.functions') as $value => $words)<option value="{{ $value }}" @selected(old('function') === $value)>{{ $words }}</option>@endforeach</select></div>@error('function')<p class="help is-danger">{{ $message }}</p>@enderror</div>
            <x-choice name="strength" :label="__('products.one.teach.strength')" :options="__('products.one.teach.strengths')" :empty="__('products.one.teach.unsaid')"/>
            <button class="button">{{ __('products.one.teach.do') }}</button>
        </form>
    </details>
    @endreaches
</x-layout>
