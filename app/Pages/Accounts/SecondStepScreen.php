<?php

declare(strict_types=1);

namespace App\Pages\Accounts;

use App\Bridge\Accounts\OneTimeCode;
use App\Models\User;
use App\Pages\Shared\ScanPicture;

/** Sets up the second step of signing in. */
final readonly class SecondStepScreen
{
    private const GROUP = 4;

    public function __construct(private OneTimeCode $oneTimeCode, private ScanPicture $scanPicture)
    {
    }

    /** @param array<array-key, mixed> $codes to write down, on this page alone */
    public function of(User $user, array $codes): SecondStepPage
    {
        $account = $user->account();
        $secret = $account->second_since === null ? (string) $account->second_secret : '';

        return new SecondStepPage(
            since: $account->second_since?->setTimezone($user->salon->timezone),
            picture: $secret === ''
                ? ''
                : $this->scanPicture->of($this->oneTimeCode->address($secret, $user->address())),
            secret: implode(' ', str_split($secret, self::GROUP)),
            codes: array_values(array_filter($codes, is_string(...))),
            left: count($account->second_codes ?? []),
        );
    }
}
