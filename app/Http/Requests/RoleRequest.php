<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use ValueError;

/** What somebody is in the salon from now on. */
final class RoleRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['role' => ['required', 'string', Rule::enum(Role::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['role' => Words::say('people.wrong.role')];
    }

    /** @throws ValueError where what was sent was not looked at before */
    public function role(): Role
    {
        return Role::from($this->string('role')->value());
    }
}
