{{-- One number of a test: typed, counted, timed, tapped on a picture or read from a device; all end in the same field. --}}
<x-field :name="$name" :label="$said($measure->label)" :unit="$unit?->value ?? $said($measure->unitWords())" :mode="$measure->whole ? 'numeric' : 'decimal'" :value="$value"
         :help="$help ?? ($measure->optional ? __('hair-tests.measure.optional') : null)" :kind="$book?->kind()" :typed-in="$unit?->value">
    @if ($timed)<button type="button" class="button" data-stopwatch="{{ $timed }}" hidden>{{ __('hair-tests.measure.start') }}</button>@endif
    @if ($test === 'comb-count')<button type="button" class="button" data-countdown="60" hidden>60 s</button>@endif
    @if ($counted)<button type="button" class="button" data-count hidden aria-label="+1 {{ lcfirst($said($measure->label)) }}">+1</button>@endif
    @if ($test === 'curl')<button type="button" class="button" data-on-picture="{{ $measure->name === 'ring_mm' ? 'ring' : 'length' }}" hidden>{{ __('hair-tests.measure.picture') }}</button>@endif
    @if ($device)<button type="button" class="button" data-device="{{ $device }}" data-measure="{{ $measure->name }}" hidden>{{ __('hair-tests.measure.device', ['device' => __("nagomi.devices.{$device}")]) }}</button>@endif
</x-field>
