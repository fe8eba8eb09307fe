{{-- One answer of a few, each as large as a finger. --}}
@props(['name', 'label', 'options', 'value' => null])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
<fieldset class="points @error($key) is-danger @enderror">
    <legend>{{ $label }}</legend>
    <div class="points-row">
        @foreach ($options as $option => $words)
            <label><input type="radio" name="{{ $name }}" value="{{ $option }}" @if ($loop->first) id="f-{{ $key }}" @endif @checked(is_scalar($shown = old($key, $value)) && (string) $shown === (string) $option)><span class="is-word">{{ $words }}</span></label>
        @endforeach
    </div>
    @error($key)<p class="help is-danger">{{ $message }}</p>@enderror
</fieldset>
