<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Care\Accounts\SecondStep;
use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/** The code of somebody's phone, or one that was written down. */
final class CodeRequest extends FormRequest
{
    /** Wrong codes for one person before they have to wait a minute, from wherever they come. */
    private const TRIES = 5;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code' => Words::say('people.wrong.code')];
    }

    public function code(): string
    {
        return $this->string('code')->value();
    }

    /** @throws ValidationException where it is not good, or was tried too often */
    public function check(SecondStep $secondStep, User $user): void
    {
        $key = "second-step|{$user->account()->id}";
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages([
                'code' => Words::say('refusals.sign-in.tries', ['seconds' => RateLimiter::availableIn($key)]),
            ]);
        }
        if (! $secondStep->takes($user, $this->code())) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages(['code' => Words::say('people.wrong.code')]);
        }
        RateLimiter::clear($key);
    }
}
