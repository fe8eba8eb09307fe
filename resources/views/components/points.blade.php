@props(['name', 'label', 'from', 'to'])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
<fieldset class="points @error($key) is-danger @enderror">
    <legend>{{ $label }}</legend>
    <div class="points-row">
        @for ($point = $from; $point <= $to; $point++)
            <label><input type="radio" name="{{ $name }}" value="{{ $point }}" @checked((string) old($key) === (string) $point)><span>{{ str_replace('-', '−', (string) $point) }}</span></label>
        @endfor
    </div>
    @error($key)<p class="help is-danger">{{ $message }}</p>@enderror
</fieldset>
