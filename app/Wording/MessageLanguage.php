<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\Head;
use Carbon\CarbonImmutable;

/** The languages clients are written to in, and how words, days and sums are set in one of them. */
final readonly class MessageLanguage
{
    /** By ISO 639-1, each by its own name. */
    public const NAMES = ['en' => 'English', 'es' => 'Español'];

    /** @param string $code ISO 639-1 */
    private function __construct(public string $code)
    {
    }

    /** The client's own; else the salon's. */
    public static function of(Head $head): self
    {
        $code = $head->language ?? $head->salon->language;

        return new self(isset(self::NAMES[$code]) ? $code : array_key_first(self::NAMES));
    }

    /** @param array<string, string|int> $with */
    public function say(string $key, array $with = []): string
    {
        $words = trans("client-messages.{$key}", $with, $this->code);

        return is_string($words) ? $words : $key;
    }

    public function when(CarbonImmutable $moment, string $timezone): string
    {
        return $moment->setTimezone($timezone)
            ->settings(['locale' => $this->code])
            ->isoFormat($this->say('when'));
    }

    public function minutes(int $minutes): string
    {
        return trans_choice('client-messages.minutes', $minutes, [], $this->code);
    }

    /** @param string $currency ISO 4217 */
    public function money(int $cents, string $currency): string
    {
        return Money::shown($cents, $currency, $this->code);
    }
}
