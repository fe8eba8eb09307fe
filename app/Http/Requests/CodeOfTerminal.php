<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Care\Accounts\FirstCode;
use App\Wording\Words;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** The code that the terminal of a machine without a salon shows. */
final readonly class CodeOfTerminal implements ValidationRule
{
    /** @param Closure(string): mixed $fail */
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || ! app(FirstCode::class)->matches($value)) {
            $fail(Words::say('begin.wrong.code'));
        }
    }
}
