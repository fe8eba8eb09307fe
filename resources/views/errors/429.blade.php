<x-layout title="Too many tries" bare>
    <div class="sign-in"><h1>Too many tries</h1><p class="lead">Wait a minute, then try again.</p><p><a class="button is-strong" href="/clients">To the clients</a></p></div>
</x-layout>
