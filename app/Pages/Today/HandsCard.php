<?php

declare(strict_types=1);

namespace App\Pages\Today;

/** What one stylist’s hands are at now. */
final readonly class HandsCard
{
    /**
     * @param string $name   of the stylist, in short
     * @param string $at     the client they are at, in short; or that they are free
     * @param string $detail what is being done, or who comes next
     * @param string $until  when that ends
     * @param bool   $isBusy hands are on a client, or one sits with them
     */
    public function __construct(
        public string $name,
        public string $at,
        public string $detail,
        public string $until,
        public bool $isBusy,
    ) {
    }
}
