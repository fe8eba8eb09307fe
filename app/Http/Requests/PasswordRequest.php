<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Accounts\GoodPassword;
use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;

/** Another password, by whoever knows the one that is good now. */
final class PasswordRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = $this->user();

        return [
            'current' => ['required', 'string', 'max:200', 'current_password'],
            'password' => $user instanceof User ? GoodPassword::of($user) : GoodPassword::rules([]),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'current' => Words::say('people.wrong.current'), 'password' => Words::say('begin.wrong.password'),
        ]) + ['current.current_password' => Words::say('people.wrong.current')];
    }
}
