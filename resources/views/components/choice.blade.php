@props(['name', 'label', 'options', 'value' => null, 'empty' => null, 'help' => null])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
<div {{ $attributes->class(['field']) }}>
    <label class="label" for="f-{{ $key }}">{{ $label }}</label>
    <div class="control">
        <div class="select is-fullwidth @error($key) is-danger @enderror">
            <select id="f-{{ $key }}" name="{{ $name }}" @error($key) aria-invalid="true" aria-describedby="e-{{ $key }}" @enderror>
                @if ($empty !== null)<option value="">{{ $empty }}</option>@endif
                @foreach ($options as $option => $words)
                    <option value="{{ $option }}" @selected(is_scalar($shown = old($key, $value)) && (string) $shown === (string) $option)>{{ $words }}</option>
                @endforeach
            </select>
        </div>
    </div>
    @error($key)<p class="help is-danger" id="e-{{ $key }}">{{ $message }}</p>@else @if ($help)<p class="help">{{ $help }}</p>@endif @enderror
</div>
