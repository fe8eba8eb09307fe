<x-layout title="Something went wrong" bare>
    <div class="sign-in"><h1>Something went wrong</h1><p class="lead">It is not your doing. Nothing was saved half; try again.</p><p><a class="button is-strong" href="/clients">To the clients</a></p></div>
</x-layout>
