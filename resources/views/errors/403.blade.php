<x-layout title="Not yours" bare>
    <div class="sign-in"><h1>Not yours</h1><p class="lead">That is not yours to see.</p><p><a class="button is-strong" href="/clients">To the clients</a></p></div>
</x-layout>
