<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Care\Accounts\SignIn;
use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
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
        return [
            'email.required' => Words::say('refusals.sign-in.email'),
            'password.required' => Words::say('refusals.sign-in.password'),
        ];
    }

    /** @throws ValidationException */
    public function seat(SignIn $signIn): User
    {
        $key = 'sign-in|' . Str::lower($this->string('email')->value()) . '|' . $this->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages([
                'email' => Words::say('refusals.sign-in.tries', ['seconds' => RateLimiter::availableIn($key)]),
            ]);
        }
        $seat = $signIn->seat($this->string('email')->value(), $this->string('password')->value());
        if ($seat === null) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages([
                'email' =>
                    Words::say('refusals.sign-in.email-2'),
            ]);
        }
        RateLimiter::clear($key);

        return $seat;
    }
}
