<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use Nagomi\Core\Head\Head as CoreHead;
use Nagomi\Core\Products\BottleCandidate;
use Nagomi\Core\Products\BottleProfile;
use Nagomi\Core\Products\Dose;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\WashDay\WhatWorked;

/**
 * The bottles there are for one client, read once: the salon's, and the client's own.
 *
 * @phpstan-import-type ProductChoice from ClientProducts
 */
final readonly class ClientShelf
{
    /**
     * @param array<string, ProductChoice>                $rows    by product
     * @param array<string, list<BottleCandidate>>        $salon   the salon's, by kind
     * @param array<string, list<BottleCandidate>>        $own     the client's own at home, by kind
     * @param array<string, array<string, BottleProfile>> $worked  went with the best wash days, by kind and product
     * @param WhatWorked                                  $results by name of the bottle
     * @param bool                                        $isFreeOfProtein there is to be none beside what is planned
     * @param list<string>                                $countingDays    days that count, as Y-m-d
     */
    public function __construct(
        public Head $head,
        private CoreHead $core,
        public array $rows,
        public array $salon,
        public array $own,
        public array $worked,
        public WhatWorked $results,
        public bool $isFreeOfProtein,
        public array $countingDays,
    ) {
    }

    /** @return float mL of a kind that the whole head takes, 0 or more */
    public function ml(ProductKind $kind): float
    {
        return Dose::aSection($kind, $this->core, $this->head->density)->headMl();
    }
}
