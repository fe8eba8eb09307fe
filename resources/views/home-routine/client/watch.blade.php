@if ($cautions !== [])<h2>{{ __('home-routine.look-out') }}</h2><ul class="card-list">@foreach ($cautions as $caution)<li>{{ $caution }}</li>@endforeach</ul>@endif
<h2>{{ __('home-routine.call', ['salon' => $salon->name]) }}</h2>
<ul class="card-list">@foreach ($calls as $call)<li>{{ $call }}</li>@endforeach</ul>
@if ($salon->phone)<p><a class="phone home-phone" href="tel:{{ preg_replace('/[^+0-9]/', '', $salon->phone) }}">{{ $salon->phone }}</a></p>@endif
<p class="reason">{{ __('home-routine.not-medical') }}</p>
