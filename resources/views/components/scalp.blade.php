@foreach ($raised as $sign)
    <div class="caution-line raised" role="status">
        <p><strong>{{ __("scalp.raised.{$sign->sign}") }}</strong> {{ __($sign->raised_by === '' ? 'scalp.raised.by-client' : 'scalp.raised.by-whom', ['by' => $sign->raised_by, 'date' => $dated($sign->raised_on, 'j M'), 'seen' => $sign->seen]) }}</p>
        @if ($judges)
            @reaches('clients.safety-flags.judge')<form method="post" action="{{ route('clients.safety-flags.judge', $head) }}" class="asks" novalidate><x-act/> @method('put')
                <input type="hidden" name="clearance" value="{{ $sign->id }}">
                <button class="button is-strong" name="what" value="confirm">{{ __('scalp.raised.confirm') }}</button>
                @php($isThis = (string) old('clearance') === (string) $sign->id)
                @php($field = $isThis && $errors->has('because') ? 'f-because' : "because-{$sign->id}")
                <div class="field"><label class="label" for="{{ $field }}">{{ __('scalp.raised.because') }}</label><input @class(['input', 'is-danger' => $field === 'f-because']) id="{{ $field }}" name="because" maxlength="200" value="{{ $isThis ? old('because') : '' }}" @if ($isThis && $errors->has('because')) aria-invalid="true" aria-describedby="{{ $field }}-wrong" @endif>@if ($isThis)@error('because')<p class="help is-danger" id="{{ $field }}-wrong">{{ $message }}</p>@enderror @endif</div>
                <button class="button" name="what" value="withdraw">{{ __('scalp.raised.withdraw') }}</button>
            </form>@else<p class="reason">{{ __('people.asks-stylist') }}</p>@endreaches
        @endif
    </div>
@endforeach
@if ($standing !== null)
    <p class="scalp-says"><strong>{{ __('scalp.title') }}.</strong> {{ $standing }} @if ($rhythm){{ $rhythm }} @endif @if ($care){{ $care }} @endif<span class="reason">{{ __('scalp.read-on', ['date' => $readOn]) }}</span></p>
    @if ($ahead !== null)
        <figure class="scalp-ahead">
            <svg viewBox="0 0 {{ $ahead::WIDTH }} {{ $ahead::HEIGHT }}" role="img" aria-label="{{ __('scalp.picture') }} {{ $standing }}">
                <path class="scalp-band" d="{{ $ahead->flakesBand }}"/><path class="scalp-band is-oil" d="{{ $ahead->oilBand }}"/>
                <line class="scalp-limit" x1="{{ $ahead::LEFT }}" x2="{{ $ahead::WIDTH - $ahead::LEFT }}" y1="{{ $ahead->limitY }}" y2="{{ $ahead->limitY }}"/>
                <path class="scalp-line is-oil" d="{{ $ahead->oil }}"/><path class="scalp-line" d="{{ $ahead->flakes }}"/>
                @foreach ($ahead->weeks as $week)<text class="tick" x="{{ min(560, max(24, $week['x'])) }}" y="{{ $ahead::HEIGHT - 6 }}">{{ $week['word'] }}</text>@endforeach
            </svg>
            <figcaption class="legend"><span><i class="scalp-key"></i>{{ __('scalp.key-flakes') }}</span><span><i class="scalp-key is-oil"></i>{{ __('scalp.key-oil') }}</span><span><i class="scalp-key is-limit"></i>{{ __('scalp.key-limit') }}</span></figcaption>
        </figure>
    @endif
@elseif ($ahead === null && $judges)
    <p class="reason">{{ __('scalp.not-read') }} <a href="{{ route('clients.hair-tests.zones', [$head, 'test' => 'scalp']) }}">{{ __('scalp.read-it') }}</a></p>
@endif
