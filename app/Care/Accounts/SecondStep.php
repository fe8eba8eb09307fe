<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use App\Bridge\Accounts\OneTimeCode;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use SensitiveParameter;

/** What is asked for beside the password: a code from somebody's phone, or one of ten that were written down. */
final readonly class SecondStep
{
    private const CODES = 10;
    private const HALF = 5;

    public function __construct(private OneTimeCode $oneTimeCode, private ReadableCode $readableCode)
    {
    }

    /** A secret that is not asked for yet; the same until it is. */
    public function begin(User $user): string
    {
        $account = $user->account();
        if ($account->second_secret === null) {
            $account->update(['second_secret' => $this->oneTimeCode->secret()]);
        }

        return (string) $account->second_secret;
    }

    /** @return list<string>|null codes to write down; null: the code is not the one the phone shows */
    public function confirm(User $user, string $code): ?array
    {
        $account = $user->account();
        $step = $account->second_secret === null ? null : $this->oneTimeCode->step($account->second_secret, $code);
        if ($step === null) {
            return null;
        }
        $account->update(['second_since' => CarbonImmutable::now(), 'second_counter' => $step]);

        return $this->codesAnew($user);
    }

    /** @return list<string> codes to write down; those before are worth nothing any more */
    public function codesAnew(User $user): array
    {
        $codes = [];
        for ($i = 0; $i < self::CODES; $i++) {
            $codes[] = mb_strtolower($this->readableCode->drawn(self::HALF));
        }
        $user->account()->update(['second_codes' => array_map(Hash::make(...), $codes)]);

        return $codes;
    }

    /** Whether a code is good: each is once, whoever sends it twice at the same moment. */
    public function takes(User $user, #[SensitiveParameter] string $code): bool
    {
        $isGood = DB::transaction(function () use ($user, $code): bool {
            $account = User::query()->lockForUpdate()->findOrFail($user->account()->id);
            // Turned off meanwhile: there is nothing a code could be good for.
            if ($account->second_secret === null) {
                return false;
            }
            $step = $this->oneTimeCode->step($account->second_secret, $code, $account->second_counter);
            if ($step !== null) {
                $account->update(['second_counter' => $step]);

                return true;
            }
            $written = mb_strtolower(trim($code));
            foreach ($account->second_codes ?? [] as $place => $hashed) {
                if (Hash::check($written, $hashed)) {
                    $left = $account->second_codes ?? [];
                    unset($left[$place]);
                    $account->update(['second_codes' => array_values($left)]);

                    return true;
                }
            }

            return false;
        });
        $isGood || activity()->performedOn($user)->log('code-refused');

        return $isGood;
    }

    public function off(User $user): void
    {
        $user->account()->update([
            'second_secret' => null, 'second_since' => null, 'second_counter' => null, 'second_codes' => null,
        ]);
    }
}
