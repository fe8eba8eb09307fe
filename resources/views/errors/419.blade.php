<x-layout title="Signed out meanwhile" bare>
    <div class="sign-in"><h1>Signed out meanwhile</h1><p class="lead">The page was open too long. Go back, load it again, and send it once more.</p><p><a class="button is-strong" href="/clients">To the clients</a></p></div>
</x-layout>
