@props(['name', 'label', 'options'])
{{-- Several of a list, each with words of lang/. --}}
@php($chosen = (array) old($name, []))
@php($wrong = $errors->first($name) ?: $errors->first("{$name}.*"))
<div class="field" role="group" aria-labelledby="t-{{ $name }}" @if ($wrong) aria-describedby="e-{{ $name }}" @endif>
    <p class="label" id="t-{{ $name }}">{{ $label }}</p>
    <div class="ticks">
        @foreach ($options as $value => $words)
            <label class="checkbox"><input type="checkbox" name="{{ $name }}[]" value="{{ $value }}" @checked(in_array($value, $chosen, true))> <span>{{ __($words) }}</span></label>
        @endforeach
    </div>
    @if ($wrong)<p class="help is-danger" id="e-{{ $name }}">{{ $wrong }}</p>@endif
</div>
