<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    /** Wrong passwords for one address from one place before it has to wait a minute. */
    private const TRIES = 5;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.required' => 'Type the address you sign in with.', 'password.required' => 'Type your password.'];
    }

    /** @throws ValidationException */
    public function signIn(): void
    {
        $key = 'sign-in|' . Str::lower($this->string('email')->value()) . '|' . $this->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages([
                'email' => 'Too many tries. Wait ' . RateLimiter::availableIn($key) . ' seconds, then try again.',
            ]);
        }
        if (! Auth::attempt($this->only('email', 'password'))) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages([
                'email' =>
                    'Address and password do not belong together. Try again, or ask whoever runs the salon’s Nagomi.',
            ]);
        }
        RateLimiter::clear($key);
    }
}
