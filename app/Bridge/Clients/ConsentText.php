<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\ConsentPurpose;
use App\Models\ConsentWording;
use App\Models\Salon;
use Carbon\CarbonImmutable;

/** The words that are agreed to now: the salon's own latest, or those that ship. */
final readonly class ConsentText
{
    private const SHIPPED_SINCE = '2026-11-29';

    private function __construct(
        public ConsentPurpose $purpose,
        public string $language,
        public string $wording,
        public CarbonImmutable $since,
        public bool $isOwn,
    ) {
    }

    /** How its form calls it. */
    public static function field(ConsentPurpose $purpose, string $language): string
    {
        return "wording_{$purpose->value}_{$language}";
    }

    /** @param string $language ISO 639-1 */
    public static function of(Salon $salon, ConsentPurpose $purpose, string $language): self
    {
        $own = ConsentWording::query()
            ->where('salon_id', $salon->id)
            ->where('purpose', $purpose)
            ->where('language', $language)
            ->latest('id')
            ->first();
        $shipped = trans("consent.wordings.{$purpose->value}", ['salon' => $salon->name], $language);

        return $own === null || $own->wording === ''
            ? new self(
                $purpose,
                $language,
                is_string($shipped) ? $shipped : '',
                $own->since ?? CarbonImmutable::parse(self::SHIPPED_SINCE),
                false,
            )
            : new self($purpose, $language, $own->wording, $own->since, true);
    }
}
