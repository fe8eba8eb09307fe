@csrf
{{-- A key for what this form does: sent twice, it is done once. --}}
<input type="hidden" name="{{ App\Http\Middleware\TakeInOnce::FIELD }}" value="{{ strtolower((string) Str::ulid()) }}">
