{{-- What the form as it stands changes of how sure we are, and where the balance would stand. --}}
<div class="changes" aria-label="{{ __('hair-tests.changes') }}">
    @foreach (['before', 'now'] as $when)
        <div class="changes-row"><span>{{ __("hair-tests.{$when}") }}</span><x-cells :cells="$told->cells($when)"/></div>
    @endforeach
    @if ($told->ruledOut !== [])<p class="reason">{{ __('hair-tests.ruled-out', ['cells' => implode(', ', array_map(fn ($cell) => __("nagomi.cells.{$cell}"), $told->ruledOut))]) }}</p>@endif
</div>
