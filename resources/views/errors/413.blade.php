<x-layout title="Too large" bare>
    <div class="sign-in"><h1>Too large</h1><p class="lead">That file is too large; a care record of one head is under 5 MB.</p><p><a class="button is-strong" href="/heads">To the heads</a></p></div>
</x-layout>
