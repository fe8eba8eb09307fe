<?php

declare(strict_types=1);

namespace App\Pages\Accounts;

use App\Pages\Page;
use Carbon\CarbonImmutable;

/** The second step of signing in, as far as it is set up. */
final readonly class SecondStepPage extends Page
{
    /**
     * @param CarbonImmutable|null $since   in the salon's time zone; null: it is not asked for
     * @param string               $picture SVG, for a phone's camera; '' where it is set up
     * @param string               $secret  the same to type, in groups of four
     * @param list<string>         $codes   to write down, once
     * @param int                  $left    of them, not used yet
     */
    public function __construct(
        public ?CarbonImmutable $since,
        public string $picture,
        public string $secret,
        public array $codes,
        public int $left,
    ) {
    }
}
