<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;

/** Who is asked to join the salon. */
final class InvitationRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'invite_name' => ['required', 'string', 'max:120'],
            'invite_email' => ['required', 'email', 'max:190', 'unique:users,email'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'invite_name' => Words::say('people.wrong.name'), 'invite_email' => Words::say('begin.wrong.email'),
        ]) + [
            'invite_email.email' => Words::say('begin.wrong.email'),
            'invite_email.unique' => Words::say('begin.wrong.email-taken'),
        ];
    }

    public function name(): string
    {
        return trim($this->string('invite_name')->value());
    }

    public function address(): string
    {
        return mb_strtolower(trim($this->string('invite_email')->value()));
    }
}
