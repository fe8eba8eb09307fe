{{-- What wash days take, beside what is left of it. --}}
@props(['needs', 'of'])
@php($short = array_filter($needs, fn ($need) => $need['left'] !== null && $need['left'] < $need['ml']))
<details class="more-tests">
    <summary>{{ $short === [] ? __("needs.{$of}.enough") : __("needs.{$of}.short", ['kinds' => implode(', ', array_map(fn ($need) => __("nagomi.kinds.{$need['kind']}"), $short))]) }}</summary>
    <x-wide :label="__('needs.label')">
        <table class="table compare">
            <thead><tr><th scope="col">{{ __('needs.as') }}</th><th scope="col" class="num">{{ __('needs.needed') }}</th><th scope="col" class="num">{{ __('needs.left') }}</th></tr></thead>
            <tbody>
                @foreach ($needs as $need)
                    <tr><td>{{ __("nagomi.kinds.{$need['kind']}") }}</td><td class="num">{{ number_format($need['ml'], 0) }}</td>
                        <td class="num">@if ($need['left'] === null){{ __('needs.not-counted') }}@elseif ($need['left'] >= $need['ml']){{ number_format($need['left'], 0) }}@else<strong class="is-broken">{{ $need['left'] > 0 ? __('needs.too-little', ['ml' => number_format($need['left'], 0)]) : __('needs.none-there') }}</strong>@endif</td></tr>
                @endforeach
            </tbody>
        </table>
    </x-wide>
</details>
