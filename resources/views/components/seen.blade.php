@props(['fields'])
{{-- What stood here when the form was opened: it says later which fields were touched. --}}
<input type="hidden" name="_seen" value="{{ $fields->sealed() }}">
