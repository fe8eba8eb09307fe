@props(['test', 'measure', 'prefix' => 'raw', 'units' => [], 'value' => null, 'help' => null])
{{-- One number of a test: typed, counted, timed, tapped on a picture or read from a device; all end in the same field. --}}
@php
    $name = "{$prefix}[{$test}][{$measure->name}]";
    $book = $measure->convertible();
    $unit = $book === null ? null : (Nagomi\Core\Reading\Unit::tryFrom((string) data_get((array) old('unit', []), $book->kind(), $units[$book->kind()] ?? '')) ?? $book);
    $device = App\Instruments\Device::giving($test, $measure->name);
    $timed = match ("{$test}.{$measure->name}") { 'wetting.seconds' => 'seconds', 'drying.minutes', 'detangling.minutes', 'wet-through.minutes' => 'minutes', default => null };
    $counted = $measure->whole && in_array($measure->unit, ['hairs', 'splits', 'knots'], true);
@endphp
<x-field :name="$name" :label="$measure->label" :unit="$unit?->value ?? $measure->unit" :mode="$measure->whole ? 'numeric' : 'decimal'" :value="$value"
         :help="$help ?? ($measure->optional ? 'may stay empty' : null)" :kind="$book?->kind()" :typed-in="$unit?->value">
    @if ($timed)<button type="button" class="button" data-stopwatch="{{ $timed }}" hidden>Start</button>@endif
    @if ($test === 'comb-count')<button type="button" class="button" data-countdown="60" hidden>60 s</button>@endif
    @if ($counted)<button type="button" class="button" data-count hidden aria-label="+1 {{ lcfirst($measure->label) }}">+1</button>@endif
    @if ($test === 'curl')<button type="button" class="button" data-on-picture="{{ $measure->name === 'ring_mm' ? 'ring' : 'length' }}" hidden>On a picture</button>@endif
    @if ($device)<button type="button" class="button" data-device="{{ $device->value }}" data-measure="{{ $measure->name }}" hidden>Read the {{ __("nagomi.devices.{$device->value}") }}</button>@endif
</x-field>
