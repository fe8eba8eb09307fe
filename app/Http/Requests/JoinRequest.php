<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Accounts\GoodPassword;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;

/** How whoever joins is called, and their password. */
final class JoinRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        // Who is signed in has both already.
        return $this->user() !== null ? [] : [
            'name' => ['required', 'string', 'max:120'],
            'password' => GoodPassword::rules([$this->string('name')->value()]),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'name' => Words::say('begin.wrong.owner'), 'password' => Words::say('begin.wrong.password'),
        ]);
    }
}
