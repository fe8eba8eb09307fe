<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\AccessToken;
use App\Models\TokenAbility;
use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A program that is to get a key. */
final class AccessTokenRequest extends FormRequest
{
    /** Of one salon: more is a program that makes them. */
    public const MOST = 50;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'program' => ['required', 'string', 'max:80'],
            'may' => ['required', 'array', 'min:1'],
            'may.*' => ['required', 'string', 'distinct', Rule::enum(TokenAbility::class)],
            'days' => ['required', 'integer', Rule::in(AccessToken::DAYS)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'program.*' => Words::say('connections.wrong.program'),
            'may.*' => Words::say('connections.wrong.may'),
            'may.*.*' => Words::say('connections.wrong.may'),
            'days.*' => Words::say('connections.wrong.days'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            /** @var User $user */
            $user = $this->user();
            if (AccessToken::query()->where('salon_id', $user->salon_id)->count() >= self::MOST) {
                $validator->errors()->add('program', Words::say('connections.wrong.many', ['most' => self::MOST]));
            }
        });
    }

    public function name(): string
    {
        return trim($this->string('program')->value());
    }

    /** @return list<TokenAbility> */
    public function may(): array
    {
        return array_values($this->enums('may', TokenAbility::class));
    }

    public function days(): int
    {
        return $this->integer('days');
    }
}
