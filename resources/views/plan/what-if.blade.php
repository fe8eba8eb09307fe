<x-layout :title="'What if, for ' . $head->name" :head="$head">
    <x-slot:scripts><script type="module" src="{{ asset('js/screens/now.js') }}"></script></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>What if</h1><p class="lead">One thing done differently, twelve weeks on. Nothing is changed by asking.</p></div>
        <a class="button" href="{{ route('clients.plan', $head) }}">Back to the season</a>
    </header>
    <form method="get" action="{{ route('clients.plan.what-if', $head) }}" class="asks" novalidate>
        <div class="field">
            <label class="label" for="change">Change</label>
            <div class="select"><select id="change" name="change">
                @foreach (__('nagomi.changes') as $key => $words)<option value="{{ $key }}" @selected($change?->value === $key)>{{ $words }}</option>@endforeach
            </select></div>
        </div>
        <div class="field">
            <label class="label" for="number">Number <span class="unit">where one is asked for</span></label>
            <input class="input @if ($wrong) is-danger @endif" id="number" name="number" inputmode="decimal" value="{{ $typed }}" @if ($wrong) aria-invalid="true" aria-describedby="wrong" @endif>
        </div>
        <button class="button is-strong">Show both futures</button>
        @if ($wrong)<p class="help is-danger" id="wrong">{{ $wrong }}</p>@endif
    </form>
    @if ($futures !== [])
        <table class="table compare">
            <caption class="is-sr-only">Both futures over twelve weeks</caption>
            <thead><tr><th scope="col">Twelve weeks</th>@foreach ($futures as $name => $future)<th scope="col" class="num">{{ $name }}</th>@endforeach<th scope="col" class="num">difference</th></tr></thead>
            <tbody>
            @foreach (['days' => 'days out of band expected', 'minutes' => 'minutes', 'wash_days' => 'wash days', 'masks' => 'masks', 'proteins' => 'protein treatments', 'clarifies' => 'clarifying cleanses', 'price' => 'used up, in currency units', 'cost' => 'cost, in days of the whole head one band outside'] as $key => $words)
                @php($difference = round($futures['with the change'][$key] - $futures['as planned'][$key], 1))
                <tr><td>{{ $words }}</td>@foreach ($futures as $future)<td class="num">{{ $future[$key] }}</td>@endforeach<td class="num"><strong>{{ $difference > 0 ? '+' : '' }}{{ str_replace('-', '−', (string) $difference) }}</strong></td></tr>
            @endforeach
            </tbody>
        </table>
        <div class="futures">
            @foreach ($futures as $name => $future)
                <section aria-labelledby="future-{{ $loop->index }}">
                    <h2 id="future-{{ $loop->index }}">{{ ucfirst($name) }}</h2>
                    <x-river :river="$future['river']" :name="'f' . $loop->index" :label="$name . ', twelve weeks ahead'"/>
                </section>
            @endforeach
        </div>
    @endif
</x-layout>
