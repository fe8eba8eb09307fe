<svg class="said-plot" viewBox="0 0 {{ $plot::SIZE }} {{ $plot::SIZE }}" role="img" aria-label="{{ __('practice.result.plot-label', ['points' => implode('; ', array_map(fn ($point) => __('practice.result.point', ['said' => $point['said'], 'was' => $point['was'], 'times' => $point['times']]), $plot->points))]) }}">
    <rect class="said-ground" x="34" y="6" width="200" height="200"/>
    <line class="said-line" x1="{{ $plot->line[0] }}" y1="{{ $plot->line[1] }}" x2="{{ $plot->line[2] }}" y2="{{ $plot->line[3] }}"/>
    @foreach ($plot->points as $point)<circle class="said-point" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="{{ $point['r'] }}"><title>{{ __('practice.result.point', ['said' => $point['said'], 'was' => $point['was'], 'times' => $point['times']]) }}</title></circle>@endforeach
    <text class="tick" x="134" y="232">{{ __('practice.result.said-axis') }} %</text>
    <text class="tick" x="16" y="110" transform="rotate(-90 16 110)">{{ __('practice.result.was-axis') }} %</text>
    <text class="tick" x="18" y="222">0</text><text class="tick" x="30" y="14" text-anchor="end">100</text><text class="tick" x="228" y="220">100</text>
</svg>
