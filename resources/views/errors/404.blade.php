<x-layout title="Not here" bare>
    <div class="sign-in"><h1>Not here</h1><p class="lead">There is no such page, or it belongs to another salon.</p><p><a class="button is-strong" href="/clients">To the clients</a></p></div>
</x-layout>
