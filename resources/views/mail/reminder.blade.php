{!! $sentence !!}

{!! $salon !!}

{!! $noMore !!}
