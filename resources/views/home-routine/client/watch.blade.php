@if ($cautions !== [])<h2>Look out for</h2><ul class="card-list">@foreach ($cautions as $caution)<li>{{ $caution }}</li>@endforeach</ul>@endif
<h2>Call {{ $salon->name }}@if ($salon->phone), <a class="phone" href="tel:{{ preg_replace('/[^+0-9]/', '', $salon->phone) }}">{{ $salon->phone }}</a>,@endif when</h2>
<ul class="card-list">@foreach ($calls as $call)<li>{{ $call }}</li>@endforeach</ul>
<p class="reason">Not medical advice: a clinician comes first.</p>
