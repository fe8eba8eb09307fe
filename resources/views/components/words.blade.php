@props(['name', 'label', 'value' => null, 'help' => null])
<div class="field">
    <label class="label" for="f-{{ $name }}">{{ $label }}</label>
    <div class="control"><textarea class="textarea @error($name) is-danger @enderror" rows="2" id="f-{{ $name }}" name="{{ $name }}">{{ old($name, $value) }}</textarea></div>
    @error($name)<p class="help is-danger">{{ $message }}</p>@else @if ($help)<p class="help">{{ $help }}</p>@endif @enderror
</div>
