@csrf
{{-- A key for what this form does: sent twice, it is done once. --}}
<input type="hidden" name="{{ $field }}" value="{{ $key }}">
