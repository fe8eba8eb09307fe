<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="color-scheme" content="light dark"><meta name="referrer" content="no-referrer"><title>Reminders</title><link rel="icon" href="{{ asset('assets/mark.svg') }}" type="image/svg+xml"><link rel="stylesheet" href="{{ asset('assets/bulma.css') }}"><link rel="stylesheet" href="{{ asset('css/app.css') }}"></head>
<body><main class="page-bare"><div class="sign-in">
    <h1>Reminders</h1>
    @if ($stopped || $head->reminded_by === 'nobody')
        <p class="lead">{{ $head->salon->name }} sends you no more reminders. Tell them if you want them again.</p>
    @else
        <p class="lead">{{ $head->salon->name }} reminds you of your times. Do you want no more of these?</p>
        <form method="post" action="{{ URL::signedRoute('reminders.stop.now', ['head' => $head->id], absolute: false) }}"><button class="button is-strong">No more reminders</button></form>
    @endif
</div></main></body>
</html>
