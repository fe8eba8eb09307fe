<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

use App\Models\User;
use App\Wording\Words;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use SensitiveParameter;

/** A password that is not among the first to be tried. */
final readonly class GoodPassword implements ValidationRule
{
    /** The hash takes in no more: what would not count is not asked for. */
    private const MOST_BYTES = 72;

    /** @param list<string> $known what is known of whoever chooses */
    public function __construct(private array $known)
    {
    }

    /**
     * @param list<string> $known what is known of whoever chooses: names, address, salon
     *
     * @return list<string|ValidationRule>
     */
    public static function rules(array $known): array
    {
        return [
            'bail', 'required', 'string', 'min:' . User::LEAST_PASSWORD, 'max:' . self::MOST_BYTES, new self($known),
        ];
    }

    /** @return list<string|ValidationRule> */
    public static function of(User $user): array
    {
        return self::rules([$user->name, $user->address(), $user->salon->name]);
    }

    public function validate(string $attribute, #[SensitiveParameter] mixed $value, Closure $fail): void
    {
        if (is_string($value) && strlen($value) > self::MOST_BYTES) {
            $fail(Words::say('begin.wrong.password'));
        } elseif (is_string($value) && CommonPasswords::has($value, $this->known)) {
            $fail(Words::say('begin.wrong.password-common'));
        }
    }
}
