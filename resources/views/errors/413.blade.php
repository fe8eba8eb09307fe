<x-layout title="Too large" bare>
    <div class="sign-in"><h1>Too large</h1><p class="lead">That file is too large; a care record of one client is under 5 MB.</p><p><a class="button is-strong" href="/clients">To the clients</a></p></div>
</x-layout>
