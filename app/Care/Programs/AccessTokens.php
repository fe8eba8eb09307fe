<?php

declare(strict_types=1);

namespace App\Care\Programs;

use App\Models\AccessToken;
use App\Models\TokenAbility;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Gives a program a token, in the name of whoever gives it. */
final readonly class AccessTokens
{
    /**
     * @param list<TokenAbility> $may
     * @param int                $days it is good for
     *
     * @return string what the program asks with; it can never be shown again
     */
    public function give(User $by, string $name, array $may, int $days): string
    {
        $secret = $by->generateTokenString();
        $token = (new AccessToken())->forceFill([
            'salon_id' => $by->salon_id, 'tokenable_type' => User::class, 'tokenable_id' => $by->id,
            'name' => $name, 'token' => hash('sha256', $secret),
            'abilities' => array_map(static fn (TokenAbility $ability): string => $ability->value, $may),
            'expires_at' => CarbonImmutable::now()->addDays($days),
        ]);
        $token->save();

        return "{$token->id}|{$secret}";
    }
}
