@props(['name', 'label', 'value' => null, 'cents' => null, 'type' => 'text', 'unit' => null, 'help' => null, 'required' => false, 'mode' => null, 'kind' => null, 'typedIn' => null, 'autocomplete' => 'off'])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
@php($value = $cents === null ? $value : number_format($cents / 100, $cents % 100 === 0 ? 0 : 2, '.', ''))
{{-- A number stands as its reader writes it; it is read with a comma or a point. --}}
@php($shown = is_scalar($shown = old($key, $value)) ? (string) $shown : '')
@php($shown = $mode === 'decimal' && preg_match('/^-?\d+\.\d+$/', $shown) === 1 ? str_replace('.', __('core/wording.decimal-sign'), $shown) : $shown)
<div {{ $attributes->class(['field']) }}>
    <label class="label" for="f-{{ $key }}">{{ $label }}@if ($unit) <span class="unit" @if ($kind) data-unit-of="{{ $kind }}" @endif>{{ $unit }}</span>@endif</label>
    <div class="control">
        <input class="input @error($key) is-danger @enderror" id="f-{{ $key }}" name="{{ $name }}" type="{{ $type }}" value="{{ $shown }}"
               @if ($kind) data-kind="{{ $kind }}" @endif
               @if ($mode) inputmode="{{ $mode }}" @endif autocomplete="{{ $autocomplete }}"
               @error($key) aria-invalid="true" aria-describedby="e-{{ $key }}" @elseif ($help) aria-describedby="h-{{ $key }}" @enderror>
        {{ $slot }}
    </div>
    @error($key)<p class="help is-danger" id="e-{{ $key }}">{{ $message }}</p>@else @if ($help)<p class="help" id="h-{{ $key }}">{{ $help }}</p>@endif @enderror
</div>
