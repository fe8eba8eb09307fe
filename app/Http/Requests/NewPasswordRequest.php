<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Accounts\GoodPassword;
use App\Bridge\Accounts\PasswordLink;
use App\Models\User;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;

/** Another password, chosen by a link. */
final class NewPasswordRequest extends FormRequest
{
    use Sentences;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = $this->route('user');

        return ['password' => $user instanceof User ? GoodPassword::of($user) : GoodPassword::rules([])];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->forEveryRule(['password' => Words::say('begin.wrong.password')]);
    }

    public static function isGood(Request $request, User $user): bool
    {
        $of = $request->query('of');

        return $request->hasValidSignature() && is_string($of) && PasswordLink::isGood($user, $of);
    }
}
