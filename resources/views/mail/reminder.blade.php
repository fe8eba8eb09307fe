{!! $sentence !!}

{!! $salon !!}

No more of these: {!! $stop !!}
