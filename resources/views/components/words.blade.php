@props(['name', 'label', 'value' => null, 'help' => null])
<div class="field">
    <label class="label" for="f-{{ $name }}">{{ $label }}</label>
    <div class="control"><textarea class="textarea @error($name) is-danger @enderror" rows="2" id="f-{{ $name }}" name="{{ $name }}">{{ is_scalar($shown = old($name, $value)) ? $shown : '' }}</textarea></div>
    @error($name)<p class="help is-danger">{{ $message }}</p>@else @if ($help)<p class="help">{{ $help }}</p>@endif @enderror
</div>
