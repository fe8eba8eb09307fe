<section class="card" aria-labelledby="{{ $which }}">
    <h2 id="{{ $which }}">{{ __("practice.{$which}") }}</h2>
    <ul class="practice-cases">
    @foreach ($rows as $row)
        <li><div><strong>{{ $row['title'] }}</strong><p>{{ $row['says'] }}</p></div>
            <div class="practice-does"><a class="button" href="{{ route('practice.show', $row['played']) }}">{{ __($which === 'open' ? 'practice.go-on' : 'practice.see') }}<span class="is-sr-only">: {{ $row['title'] }}</span></a>
            <form method="post" action="{{ route('practice.destroy', $row['played']) }}"><x-act/> @method('delete')<button class="button">{{ __('practice.drop') }}<span class="is-sr-only">: {{ $row['title'] }}</span></button></form></div></li>
    @endforeach
    </ul>
</section>
