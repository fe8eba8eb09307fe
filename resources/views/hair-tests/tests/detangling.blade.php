@php($path = str_replace(['[', ']'], ['.', ''], $prefix) . '.detangling')
@php($timed = (array) old("{$path}.timed", data_get($values, "{$path}.timed", [])))
<fieldset>
    <legend>{{ __('nagomi.tests.detangling') }}</legend>
    <p class="how">{{ __('nagomi.hows.detangling') }}</p>
    @if (isset($worth['detangling']))<x-hand test="detangling"/>@endif
    @error("{$path}.timed")<p class="help is-danger">{{ $message }}</p>@enderror
    <div class="sections-timed" data-sections="{{ $prefix }}[detangling][timed]" data-most="{{ $test::MOST_SECTIONS }}" hidden>
        <fieldset class="points">
            <legend>{{ __('hair-tests.tool') }}</legend>
            <div class="points-row">
                @foreach ($test::TOOLS as $tool)
                    <label><input type="radio" name="tool-in-hand" value="{{ $tool }}" @checked($loop->first)><span class="is-word">{{ $tool }}</span></label>
                @endforeach
            </div>
        </fieldset>
        <button type="button" class="button is-strong" data-next-section>{{ __('hair-tests.first-section') }}</button>
        <output class="clock" aria-live="off"></output>
        <ol class="timed-list">
            @foreach ($timed as $i => $section)
                @if (is_array($section) && ($section['seconds'] ?? '') !== '')
                    <li>
                        <span>{{ is_string($section['tool'] ?? null) ? $section['tool'] : '' }}</span>
                        <input class="input" inputmode="numeric" name="{{ $prefix }}[detangling][timed][{{ $i }}][seconds]" value="{{ is_scalar($section['seconds']) ? $section['seconds'] : '' }}" aria-label="{{ __('hair-tests.seconds-of', ['number' => $loop->iteration]) }}"> s
                        <input type="hidden" name="{{ $prefix }}[detangling][timed][{{ $i }}][tool]" value="{{ is_string($section['tool'] ?? null) ? $section['tool'] : '' }}">
                        @foreach (['seconds', 'tool'] as $of) @error("{$path}.timed.{$i}.{$of}")<span class="help is-danger">{{ $message }}</span>@enderror @endforeach
                    </li>
                @endif
            @endforeach
        </ol>
    </div>
    <div class="row">
        @foreach ($test->rawMeasures() as $measure)
            <x-measure test="detangling" :measure="$measure" :prefix="$prefix" :units="$units" :value="data_get($values, $path . '.' . $measure->name)" :help="$measure->name === 'minutes' ? __('hair-tests.or-sections') : null"/>
        @endforeach
    </div>
</fieldset>
