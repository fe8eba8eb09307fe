<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

use Base32\Base32;
use Carbon\CarbonImmutable;
use Otp\Otp;
use SensitiveParameter;

/** Six digits a phone shows for thirty seconds: TOTP of RFC 6238 with SHA-1, as every such application reads it. */
final readonly class OneTimeCode
{
    public const DIGITS = 6;
    private const SECONDS = 30;

    /** As many bits as RFC 4226, 4, asks for of a shared secret. */
    private const SECRET_BYTES = 20;

    /** A clock may be one step off, RFC 6238, 5.2. */
    private const STEPS_OFF = 1;

    /** @return string Base32 */
    public function secret(): string
    {
        return rtrim(Base32::encode(random_bytes(self::SECRET_BYTES)), '=');
    }

    /**
     * @param string   $code  as it was typed, with or without a space
     * @param int|null $after the step whose code was used last: it is good once
     *
     * @return int|null the step it belongs to; null: it is not good
     */
    public function step(#[SensitiveParameter] string $secret, string $code, ?int $after = null): ?int
    {
        $code = (string) preg_replace('/\s+/', '', $code);
        $now = intdiv(CarbonImmutable::now()->getTimestamp(), self::SECONDS);
        for ($step = $now - self::STEPS_OFF; $step <= $now + self::STEPS_OFF; $step++) {
            if (($after === null || $step > $after) && hash_equals($this->at($secret, $step), $code)) {
                return $step;
            }
        }

        return null;
    }

    /** @return string six digits */
    public function at(#[SensitiveParameter] string $secret, int $step): string
    {
        return (new Otp())->hotp(Base32::decode($secret), $step);
    }

    /** What a phone's application takes in. */
    public function address(#[SensitiveParameter] string $secret, string $whose): string
    {
        return 'otpauth://totp/' . rawurlencode("Nagomi:{$whose}") . '?' . http_build_query([
            'secret' => $secret, 'issuer' => 'Nagomi', 'digits' => self::DIGITS, 'period' => self::SECONDS,
        ]);
    }
}
