<x-layout title="House">
    <header class="page-head"><div class="grow"><h1>House</h1><p class="lead">What {{ $salon->name }} does unless a client differs. Practitioners disagree on every one of these; no answer is the better one.</p></div></header>
    <form method="post" action="{{ route('house.update') }}" novalidate class="intake">
        @csrf @method('put')
        <fieldset>
            <legend>Salon</legend>
            <div class="row">
                <x-field name="name" label="Name" :value="$salon->name"/>
                <x-choice name="timezone" label="Time zone" :options="array_combine(DateTimeZone::listIdentifiers(), DateTimeZone::listIdentifiers())" :value="$salon->timezone"/>
                <x-field name="hardness_mg_per_l" label="Water hardness" unit="mg/L CaCO₃" mode="decimal" :value="$salon->hardness_mg_per_l"/>
                <x-field name="humidity_percent" label="Usual humidity" unit="%" mode="decimal" :value="$salon->humidity_percent"/>
            </div>
        </fieldset>
        <fieldset>
            <legend>Methods</legend>
            <div class="row">
                @foreach (Nagomi\Core\Head\MethodQuestion::cases() as $question)
                    @php([$words, $choices] = __("nagomi.method.{$question->value}"))
                    <x-choice :name="'method[' . $question->value . ']'" :label="$words" :options="$choices" :value="$salon->method[$question->value] ?? $question->choices()[0]"/>
                @endforeach
            </div>
        </fieldset>
        <div class="save"><button class="button is-strong is-large">Save</button></div>
    </form>
</x-layout>
