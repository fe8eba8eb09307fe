@if ($doubtful !== [])
    <p>{{ __('wash.doubtful') }}</p>
    <div class="row">
        @foreach ($doubtful as $key => $of)
            <x-field name="minutes[{{ $key }}]" :label="__('wash.doubtful-of', ['label' => $of['label'], 'planned' => $of['planned'], 'minutes' => $of['minutes']])" unit="min" mode="decimal" :value="$of['says']"/>
        @endforeach
    </div>
@endif
@if ($open === [])
    <button class="button is-strong is-large">{{ __('wash.finish-with') }}</button>
@else
    <fieldset class="untapped">
        <legend>{{ __('wash.open.asks') }}</legend>
        <p class="reason">{{ __('wash.open.how') }}</p>
        <div>
            @foreach ($open as $key => $label)<label class="checkbox"><input type="checkbox" name="was_done[]" value="{{ $key }}" @checked(in_array($key, (array) old('was_done'), true))> {{ $label }}</label>@endforeach
        </div>
    </fieldset>
    <p class="untapped-acts"><button class="button is-strong is-large" name="open" value="all">{{ __('wash.open.all') }}</button> <button class="button is-large" name="open" value="some">{{ __('wash.open.some') }}</button></p>
@endif
