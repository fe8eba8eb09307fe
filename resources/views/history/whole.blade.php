<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ __('whole-history.title', ['name' => $head->name]) }}</title>
    {{-- A page of paper, not of the web: its style travels inside it. --}}
    <style>
        @page { margin: 16mm 14mm 18mm; } body { font-family: "{{ $letters }}", sans-serif; font-size: 8.6pt; color: #22313B; line-height: 1.3; } h1 { font-family: "{{ $headings }}", serif; font-size: 18pt; margin: 0; } h2 { font-family: "{{ $headings }}", serif; font-size: 12pt; margin: 14pt 0 4pt; } p { margin: 2pt 0; } table { width: 100%; border-collapse: collapse; } th { text-align: left; font-weight: bold; border-bottom: 1px solid #22313B; padding: 2pt 6pt 2pt 0; } td { vertical-align: top; border-bottom: 1px solid #E3DACA; padding: 2pt 6pt 2pt 0; } .first { width: 22%; } .day { white-space: nowrap; }
    </style>
</head>
<body>
    <h1>{{ __('whole-history.title', ['name' => $head->name]) }}</h1>
    <p>{{ __('whole-history.lead', ['salon' => $salonName, 'day' => $day]) }}</p>
    @foreach ($parts as $part)
        <h2>{{ __("whole-history.parts.{$part->key}") }}</h2>
        <table>
            @if ($part->columns !== [])<thead><tr>@foreach ($part->columns as $column)<th>{{ $column }}</th>@endforeach</tr></thead>@endif
            <tbody>@foreach ($part->rows as $row)<tr>@foreach ($row as $cell)<td @if ($loop->first) class="{{ $part->columns === [] ? 'first' : 'day' }}" @endif>{{ $cell }}</td>@endforeach</tr>@endforeach</tbody>
        </table>
    @endforeach
    <p>{{ __('whole-history.end') }}</p>
</body>
</html>
