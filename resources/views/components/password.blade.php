{{-- A password: never shown again, filled in by whatever keeps passwords. --}}
@props(['name', 'label', 'kind' => 'new-password', 'help' => null])
<div class="field">
    <label class="label" for="f-{{ $name }}">{{ $label }}</label>
    <input class="input @error($name) is-danger @enderror" id="f-{{ $name }}" name="{{ $name }}" type="password" autocomplete="{{ $kind }}" @error($name) aria-invalid="true" aria-describedby="e-{{ $name }}" @elseif ($help) aria-describedby="h-{{ $name }}" @enderror>
    @error($name)<p class="help is-danger" id="e-{{ $name }}">{{ $message }}</p>@elseif ($help)<p class="help" id="h-{{ $name }}">{{ $help }}</p>@enderror
</div>
