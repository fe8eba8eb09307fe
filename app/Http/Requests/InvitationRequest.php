<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use App\Models\User;
use App\Wording\Words;
use Closure;
use Illuminate\Database\Eloquent\Builder;
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
            'invite_email' => ['required', 'email', 'max:190', $this->isNew(...)],
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
        ];
    }

    /** Whoever works here, or did, is not asked to join. */
    private function isNew(string $attribute, mixed $value, Closure $fail): void
    {
        $me = $this->user();
        $account = User::query()->where('email', $this->address())->first();
        if ($account === null || ! $me instanceof User) {
            return;
        }
        $here = User::query()->where('salon_id', $me->salon_id)->where(
            static fn (Builder $of): Builder => $of->whereKey($account->id)->orWhere('account_id', $account->id),
        )->first();
        if ($here !== null) {
            $fail(Words::say($here->left_at === null ? 'people.wrong.here' : 'people.wrong.was-here', [
                'name' => $here->name,
            ]));
        }
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
