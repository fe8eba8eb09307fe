@props(['name', 'label', 'from', 'to', 'value' => null, 'words' => []])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
<fieldset class="points @error($key) is-danger @enderror">
    <legend>{{ $label }}</legend>
    <div class="points-row">
        @for ($point = $from; $point <= $to; $point++)
            <label><input type="radio" name="{{ $name }}" value="{{ $point }}" @if ($point === $from) id="f-{{ $key }}" @endif @checked(is_scalar($shown = old($key, $value)) && (string) $shown === (string) $point)><span @class(['is-word' => isset($words[$point - $from])])>@isset($words[$point - $from]){{ $words[$point - $from] }}@else @number($point) @endisset</span></label>
        @endfor
        @php($between = old($key, $value))
        @if (is_numeric($between) && (float) $between != (int) $between)
            {{-- A reading in halves, from elsewhere: it is kept unless another is tapped. --}}
            <label><input type="radio" name="{{ $name }}" value="{{ $between }}" checked><span>@number($between)</span></label>
        @endif
    </div>
    @error($key)<p class="help is-danger">{{ $message }}</p>@enderror
</fieldset>
