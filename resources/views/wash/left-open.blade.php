<x-layout :title="__('wash.open.title-of', ['name' => $called($head->name)])" :head="$head">
    <x-slot:scripts><link rel="stylesheet" href="{{ asset('css/wash.css') }}"></x-slot:scripts>
    <header class="page-head">
        <x-portrait :head="$head"/>
        <div class="grow"><h1>{{ __('wash.open.title', ['day' => $day]) }}</h1><p class="lead">{{ __('wash.open.lead', ['by' => $washSession->by]) }}</p></div>
    </header>
    @if ($isNoted)<p class="caution-line">{{ __('wash.open.noted') }}</p>@endif
    @if ($done !== [])
        <section class="card"><h2>{{ __('wash.open.tapped') }}</h2><ul class="recent">@foreach ($done as $label)<li>{{ $label }}</li>@endforeach</ul></section>
    @endif
    <form method="post" action="{{ route('clients.wash.finish', [$head, $washSession]) }}" class="card" novalidate>
        <x-act/>
        @if ($done === [] && $open !== [])<p class="reason">{{ __('wash.open.nothing') }}</p>@endif
        @include('wash.ends', ['doubtful' => session('doubtful', []), 'open' => $open])
    </form>
    <form method="post" action="{{ route('clients.wash.break-off', [$head, $washSession]) }}"><x-act/> @method('delete')<p class="acts"><button class="button">{{ __('wash.open.not-washed') }}</button></p></form>
</x-layout>
