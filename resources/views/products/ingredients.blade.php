<x-layout title="Ingredient book">
    <header class="page-head"><div class="grow"><h1>Ingredient book</h1><p class="lead">{{ $all }} ingredients by function; what the salon teaches stands before what ships.</p></div></header>
    <form method="get" action="{{ route('products.book') }}" class="asks" novalidate>
        <x-field name="search" label="Name" :value="$search"/>
        <x-choice name="function" label="Does" :options="__('nagomi.functions')" empty="anything" :value="$function"/>
        <button class="button">Look up</button>
    </form>
    <p class="reason">{{ $count }} found{{ $count > count($rows) ? ', the first ' . count($rows) . ' shown' : '' }}.</p>
    <x-wide-table label="Ingredients"><table class="table book">
        <thead><tr><th scope="col">Ingredient</th><th scope="col">Does</th><th scope="col">Strength</th><th scope="col" class="num">at most</th><th scope="col">From</th></tr></thead>
        <tbody>
        @foreach ($rows as $row)
            <tr>
                <td>{{ $row['name'] }}@if ($row['also'] !== []) <span class="reason">{{ implode(', ', $row['also']) }}</span>@endif</td>
                <td>{{ implode(', ', array_map(fn ($function) => __("nagomi.functions.{$function}"), $row['functions'])) }}@if ($row['note']) <span class="reason">{{ $row['note'] }}</span>@endif</td>
                <td>{{ $row['strength'] }}</td>
                <td class="num">{{ $row['cap'] === null ? '' : $row['cap'] . ' %' }}</td>
                <td>@if ($row['taught'])taught here <form method="post" action="{{ route('products.forget', $row['taught']) }}"><x-act/> @method('delete')<button class="button is-small">Forget it<span class="is-sr-only">: {{ $row['name'] }}</span></button></form>@else{{ $row['source'] }}@endif</td>
            </tr>
        @endforeach
        </tbody>
    </table></x-wide-table>
    <details class="more-tests" @if ($errors->any() || $rows === []) open @endif>
        <summary>Teach it an ingredient, or set one right</summary>
        <form method="post" action="{{ route('products.teach') }}" class="asks" novalidate>
            <x-act/>
            <x-field name="name" label="Ingredient" :value="$rows === [] ? $search : (count($rows) === 1 ? $rows[0]['name'] : null)"/>
            <x-field name="also" label="Also called"/>
            <div class="field"><label class="label" for="f-teach-function">What it does</label><div class="select"><select id="f-teach-function" name="function"><option value="">choose</option>@foreach (__('nagomi.functions') as $value => $words)<option value="{{ $value }}" @selected(old('function') === $value)>{{ $words }}</option>@endforeach</select></div>@error('function')<p class="help is-danger">{{ $message }}</p>@enderror</div>
            <x-choice name="strength" label="Strength, or what takes it off" :options="['mild' => 'mild', 'medium' => 'medium', 'strong' => 'strong', 'water' => 'off with water', 'gentle' => 'off with a gentle cleanse', 'shampoo' => 'off with a shampoo', 'clarifying' => 'off with a clarifying one']" empty="not said"/>
            <button class="button">Teach it</button>
        </form>
    </details>
</x-layout>
