<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Who is asked to join the salon. */
final class InvitationRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'invite_name' => ['required', 'string', 'max:120'],
            'invite_role' => ['nullable', 'string', Rule::enum(Role::class)],
            'invite_email' => ['required', 'email', 'max:190', 'unique:users,email'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule([
            'invite_name' => Words::say('people.wrong.name'), 'invite_role' => Words::say('people.wrong.role'),
            'invite_email' => Words::say('begin.wrong.email'),
        ]) + [
            'invite_role.enum' => Words::say('people.wrong.role'),
            'invite_email.email' => Words::say('begin.wrong.email'),
            'invite_email.unique' => Words::say('begin.wrong.email-taken'),
        ];
    }

    public function name(): string
    {
        return trim($this->string('invite_name')->value());
    }

    public function role(): Role
    {
        return Role::tryFrom($this->string('invite_role')->value()) ?? Role::Stylist;
    }

    public function address(): string
    {
        return mb_strtolower(trim($this->string('invite_email')->value()));
    }
}
