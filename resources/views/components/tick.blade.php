@props(['name', 'label', 'checked' => false])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
<div class="field tick">
    <input type="hidden" name="{{ $name }}" value="0">
    <label class="checkbox" for="f-{{ $key }}">
        <input type="checkbox" id="f-{{ $key }}" name="{{ $name }}" value="1" @checked(is_scalar($shown = old($key, $checked)) && $shown)>
        <span>{{ $label }}</span>
    </label>
    @error($key)<p class="help is-danger">{{ $message }}</p>@enderror
</div>
